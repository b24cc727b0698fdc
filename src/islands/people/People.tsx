import EllipsisVertical from "lucide-react/icons/ellipsis-vertical";
import { useState } from "react";
import { toast } from "sonner";
import { ConfirmDialog } from "../../components/ui/ConfirmDialog.tsx";
import { EmptyState } from "../../components/ui/EmptyState.tsx";
import { Menu, MenuGroup, MenuItem, MenuSeparator } from "../../components/ui/Menu.tsx";
import { Toasts } from "../../components/ui/Toasts.tsx";
import { counted } from "../../components/words/counted.ts";
import { saidMoment } from "../../components/words/dates.ts";
import { newGroupInput, nicknameField } from "../../schemas/groups.ts";
import type { Group } from "../../server/groups/groups.ts";
import type { KnownLearner } from "../../server/groups/learners.ts";
import type { PeoplePage } from "../../server/groups/people-page.ts";
import { call } from "../shared/client.ts";
import { NameDialog, type Naming } from "../shared/NameDialog.tsx";

/** Something that is asked about once before it is done. */
interface Question {
  readonly title: string;
  readonly description: string;
  readonly confirm: string;
  readonly work: () => Promise<void>;
}

/** Who learns in which group: names, moves, who is out of sight, and what is taken away for good. */
export default function People(first: PeoplePage) {
  const [page, setPage] = useState(first);
  const [naming, setNaming] = useState<Naming>();
  const [question, setQuestion] = useState<Question>();
  const { groups, learners } = page;
  const hidden = learners.filter(({ putAway, eraseAt }) => putAway || eraseAt !== null);

  const reload = async () => setPage(await call("GET /api/people"));
  const doing = (work: () => Promise<string | undefined>) => async () => {
    try {
      const said = await work();
      await reload();
      if (said) toast.success(said);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  /** For a dialog that shows itself what is wrong. */
  const after = (work: (name: string) => Promise<unknown>) => async (name: string) => {
    await work(name);
    await reload();
  };

  const changeLearner = (learner: KnownLearner, body: object) =>
    call("PATCH /api/learners/:learnerId", { params: { learnerId: learner.id }, body });
  const keepLearner = (learner: KnownLearner) =>
    doing(async () => {
      await call("POST /api/learners/:learnerId/restoration", { params: { learnerId: learner.id } });
      return `${learner.nickname} is back.`;
    });

  const eraseLearner = (learner: KnownLearner) =>
    setQuestion({
      title: `Erase ${learner.nickname}?`,
      description: `${counted(learner.answers, "answer")} and every other row of ${learner.nickname} go for good. For ten minutes it can be taken back on this page.`,
      confirm: "Erase",
      work: doing(async () => {
        const { backupsUntil } = await call("DELETE /api/learners/:learnerId", { params: { learnerId: learner.id } });
        return backupsUntil
          ? `${learner.nickname} is out of sight, and gone in ten minutes. Daily backups hold the records until ${saidMoment(backupsUntil, "long")}; others until you take them away.`
          : `${learner.nickname} is out of sight, and gone in ten minutes.`;
      }),
    });

  const deleteGroup = async (group: Group) => {
    const params = { groupId: group.id };
    const goes = await call("GET /api/groups/:groupId/contents", { params });
    setQuestion({
      title: `Delete ${group.name}?`,
      description: `With it go ${counted(goes.learners, "learner")} with their ${counted(goes.answers, "answer")}, ${counted(goes.lessons, "lesson")}, ${counted(goes.chains, "chain")} and ${counted(goes.sets, "set")}. Move learners to another group first if they stay. For ten minutes it can be taken back on this page.`,
      confirm: "Delete",
      work: doing(async () => {
        await call("DELETE /api/groups/:groupId", { params });
        return `${group.name} is out of sight, and gone in ten minutes.`;
      }),
    });
  };

  return (
    <>
      {groups.length === 0 && <EmptyState title="No group yet">The first one is made on Today.</EmptyState>}
      <div className="grid grid-cols-1 items-start gap-5 md:grid-cols-2">
        {groups.map((group) => (
          <section key={group.id} aria-label={group.name} className="rounded-xl border border-rule bg-sheet p-5">
            <div className="flex items-center justify-between gap-3">
              <h2 className="min-w-0 break-words text-lg font-bold">{group.name}</h2>
              <Menu
                button={<EllipsisVertical size={20} aria-hidden />}
                label={`Change ${group.name}`}
                align="end"
                buttonClassName="button size-11 shrink-0 p-0 grid place-items-center"
              >
                <MenuItem
                  onSelect={() =>
                    setNaming({
                      title: `Add a learner to ${group.name}`,
                      label: "Nickname",
                      first: "",
                      confirm: "Add",
                      field: nicknameField,
                      send: after((nickname) =>
                        call("POST /api/groups/:groupId/learners", {
                          params: { groupId: group.id },
                          body: { nickname },
                        }),
                      ),
                    })
                  }
                >
                  Add a learner
                </MenuItem>
                <MenuItem
                  onSelect={() =>
                    setNaming({
                      title: `Rename ${group.name}`,
                      label: "Name",
                      first: group.name,
                      confirm: "Rename",
                      field: newGroupInput.shape.name,
                      send: after((name) =>
                        call("PATCH /api/groups/:groupId", { params: { groupId: group.id }, body: { name } }),
                      ),
                    })
                  }
                >
                  Rename
                </MenuItem>
                <MenuItem
                  onSelect={doing(async () => {
                    await call("PATCH /api/groups/:groupId", {
                      params: { groupId: group.id },
                      body: { putAway: true },
                    });
                    return `${group.name} is put away with its records.`;
                  })}
                >
                  Put away
                </MenuItem>
                <MenuSeparator />
                <MenuItem className="text-again" onSelect={() => void deleteGroup(group)}>
                  Delete…
                </MenuItem>
              </Menu>
            </div>
            <ul className="mt-2">
              {learners
                .filter((one) => one.groupId === group.id && !hidden.includes(one))
                .map((learner) => (
                  <li
                    key={learner.id}
                    className="flex items-center justify-between gap-3 border-t border-hairline py-1.5"
                  >
                    <span className="min-w-0">
                      <b className="break-words">{learner.nickname}</b>{" "}
                      <span className="text-quiet">{counted(learner.answers, "answer")}</span>
                    </span>
                    <LearnerMenu
                      learner={learner}
                      groups={groups.filter(({ id }) => id !== group.id)}
                      onRename={() =>
                        setNaming({
                          title: `Rename ${learner.nickname}`,
                          label: "Nickname",
                          first: learner.nickname,
                          confirm: "Rename",
                          field: nicknameField,
                          send: after((nickname) => changeLearner(learner, { nickname })),
                        })
                      }
                      onMove={(to) =>
                        doing(async () => {
                          await changeLearner(learner, { groupId: to.id });
                          return `${learner.nickname} is in ${to.name} now, with all records.`;
                        })()
                      }
                      onPutAway={doing(async () => {
                        await changeLearner(learner, { putAway: true });
                        return `${learner.nickname} is put away with all records.`;
                      })}
                      onErase={() => eraseLearner(learner)}
                    />
                  </li>
                ))}
            </ul>
          </section>
        ))}
      </div>
      {(hidden.length > 0 || page.hiddenGroups.length > 0) && (
        <section aria-label="Out of sight" className="mt-5 rounded-xl border border-rule bg-sheet p-5">
          <h2 className="text-lg font-bold">Out of sight</h2>
          <ul className="mt-2">
            {page.hiddenGroups.map((group) => (
              <Hidden
                key={group.id}
                name={group.name}
                eraseAt={group.eraseAt}
                onBack={doing(async () => {
                  const params = { groupId: group.id };
                  await (group.eraseAt
                    ? call("POST /api/groups/:groupId/restoration", { params })
                    : call("PATCH /api/groups/:groupId", { params, body: { putAway: false } }));
                  return `${group.name} is back.`;
                })}
              />
            ))}
            {hidden.map((learner) => (
              <Hidden
                key={learner.id}
                name={learner.nickname}
                eraseAt={learner.eraseAt}
                onBack={
                  learner.eraseAt
                    ? keepLearner(learner)
                    : doing(async () => {
                        await changeLearner(learner, { putAway: false });
                        return `${learner.nickname} is back.`;
                      })
                }
              />
            ))}
          </ul>
        </section>
      )}
      {naming && <NameDialog naming={naming} onClose={() => setNaming(undefined)} />}
      {question && (
        <ConfirmDialog
          title={question.title}
          description={question.description}
          open
          onOpenChange={(open) => !open && setQuestion(undefined)}
          confirm={question.confirm}
          cancel="Leave all as it is"
          onConfirm={() => void question.work()}
        />
      )}
      <Toasts />
    </>
  );
}

interface LearnerMenuProps {
  readonly learner: KnownLearner;
  /** Groups to move to. */
  readonly groups: readonly Group[];
  readonly onRename: () => void;
  readonly onMove: (to: Group) => void;
  readonly onPutAway: () => void;
  readonly onErase: () => void;
}

function LearnerMenu({ learner, groups, onRename, onMove, onPutAway, onErase }: LearnerMenuProps) {
  const records = `/api/learners/${learner.id}/records`;
  return (
    <Menu
      button={<EllipsisVertical size={20} aria-hidden />}
      label={`Change ${learner.nickname}`}
      align="end"
      buttonClassName="button size-11 shrink-0 p-0 grid place-items-center"
    >
      <MenuItem onSelect={onRename}>Rename</MenuItem>
      <MenuItem onSelect={onPutAway}>Put away</MenuItem>
      <MenuItem onSelect={() => location.assign(`${records}.csv`)}>Records as CSV</MenuItem>
      <MenuItem onSelect={() => window.open(records, "_blank", "noopener")}>Records as JSON</MenuItem>
      {groups.length > 0 && (
        <MenuGroup name="Move to">
          {groups.map((group) => (
            <MenuItem key={group.id} onSelect={() => onMove(group)}>
              {group.name}
            </MenuItem>
          ))}
        </MenuGroup>
      )}
      <MenuSeparator />
      <MenuItem className="text-again" onSelect={onErase}>
        Erase…
      </MenuItem>
    </Menu>
  );
}

interface HiddenProps {
  readonly name: string;
  readonly eraseAt: string | null;
  readonly onBack: () => void;
}

function Hidden({ name, eraseAt, onBack }: HiddenProps) {
  return (
    <li className="flex items-center justify-between gap-3 border-t border-hairline py-1.5">
      <span className="min-w-0">
        <b className="break-words">{name}</b>{" "}
        <span className="text-quiet">
          {eraseAt ? `is gone for good from ${saidMoment(eraseAt, "moment")}` : "put away, records kept"}
        </span>
      </span>
      <button type="button" className="button min-h-11 shrink-0" aria-label={`Bring back ${name}`} onClick={onBack}>
        Bring back
      </button>
    </li>
  );
}
