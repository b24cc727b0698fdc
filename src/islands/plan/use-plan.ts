import { useRef, useState } from "react";
import { toast } from "sonner";
import type { ActivityKind } from "../../core/light.ts";
import type { EditActivityInput } from "../../schemas/plans.ts";
import type { Aim } from "../../server/plans/lesson-types.ts";
import type { CheckedPlan } from "../../server/plans/plan-check.ts";
import { call } from "../shared/client.ts";
import { type History, NO_HISTORY, recorded, redone, type Travelled, undone } from "../shared/history.ts";
import { useAnnouncedAutosave } from "../shared/use-announced-autosave.ts";

/** What a teacher changes in one drafted activity. */
export type ActivityEdit = EditActivityInput & { readonly id: string };

type Change = (plan: CheckedPlan) => CheckedPlan;

/** What of a plan is changed here and now; the rest is drafted, added or looked at again on the server. */
const changeable = ({ minutes, activities }: CheckedPlan) => ({
  minutes,
  activities: activities.map(({ id, minutes, ifTime, settings }) => ({ id, minutes, ifTime, settings })),
});

type Changeable = ReturnType<typeof changeable>;

/** A plan with what was changed in it; what it does not know comes with the server's answer. */
function changed(plan: CheckedPlan, { minutes, activities }: Changeable): CheckedPlan {
  const known = new Map(plan.activities.map((activity) => [activity.id, activity]));
  const all = activities.flatMap((change) => {
    const activity = known.get(change.id);
    return activity ? [{ ...activity, ...change }] : [];
  });
  return { ...plan, minutes, activities: all };
}

/** The plan as it is on the screen, and what becomes of it on the server: one thing after another. */
export function usePlan(groupId: string, stored: CheckedPlan) {
  const [plan, setPlan] = useState(stored);
  const [busy, setBusy] = useState(false);
  const [history, setHistory] = useState<History<Changeable>>(NO_HISTORY);
  const newest = useRef(stored);
  const answered = useRef(stored);
  // Changes made while something is asked of the server: they are made to its answer as well.
  const meanwhile = useRef<Change[]>(undefined);
  const stopping = useRef<AbortController>(undefined);

  /** Activities that were taken out are still known: they come back as they were. */
  const known = useRef(new Map(stored.activities.map((activity) => [activity.id, activity])));
  const show = (next: CheckedPlan) => {
    for (const activity of next.activities) known.current.set(activity.id, activity);
    newest.current = next;
    setPlan(next);
  };
  const autosave = useAnnouncedAutosave({
    name: `zip-step plan ${groupId}`,
    stored: changeable(stored),
    send: (whole, base): Promise<CheckedPlan> =>
      call("PUT /api/groups/:groupId/plan", {
        params: { groupId },
        body: { ...whole, ...(base && { base }) },
        outlive: true,
      }),
    onRestored: (unsaved) => show(changed(stored, unsaved)),
    onSaved: (saved) => {
      answered.current = saved;
      if (meanwhile.current) return;
      // Somebody else's changes are in it too: the next one of ours is made on them.
      autosave.acceptStored(changeable(saved));
      show(saved);
    },
    onRefused: (error) => {
      toast.error(error.message);
      show(answered.current);
    },
  });

  /** Shown at once, and saved at once: closing the page loses nothing. */
  const change = (make: Change) => {
    setHistory((now) => recorded(now, changeable(newest.current)));
    apply(make);
  };
  const apply = (make: Change) => {
    show(make(newest.current));
    if (meanwhile.current) meanwhile.current.push(make);
    else autosave.save(changeable(newest.current));
  };

  const travel = (to: Travelled<Changeable> | undefined) => {
    if (!to) return;
    setHistory(to.history);
    apply((plan) => changed({ ...plan, activities: [...known.current.values()] }, to.present));
  };
  const undo = () => travel(undone(history, changeable(newest.current)));
  const redo = () => travel(redone(history, changeable(newest.current)));

  /** Waits for what was sent before, then takes the plan as the server has it. */
  const ask = async (request: (signal: AbortSignal) => Promise<CheckedPlan>, isAskedFor = true): Promise<boolean> => {
    const stop = new AbortController();
    if (meanwhile.current) return false;
    const since: Change[] = [];
    meanwhile.current = since;
    setBusy(true);
    stopping.current = stop;
    try {
      // Why it is not has been said.
      if (!(await autosave.settled())) return false;
      answered.current = await request(stop.signal).catch((error: Error) => {
        if (!stop.signal.aborted) throw error;
        // It may have been stored just before: what stands there now is what is shown.
        toast("Stopped. The lesson is as it was.");
        return call("GET /api/groups/:groupId/plan", { params: { groupId } });
      });
      // What was drafted, added or edited on the server is no step to go back over.
      setHistory(NO_HISTORY);
      autosave.acceptStored(changeable(answered.current));
      show(since.reduce((now, make) => make(now), answered.current));
      return true;
    } catch (error) {
      // What nobody has asked for is missed by nobody.
      if (isAskedFor) toast.error((error as Error).message);
      return false;
    } finally {
      meanwhile.current = undefined;
      if (since.length > 0) autosave.save(changeable(newest.current));
      setBusy(false);
    }
  };

  /** Stops what is being drafted or filled. */
  const stop = () => stopping.current?.abort();

  const planId = stored.id;
  const sent = ({ focus, contrasts }: Aim) => ({ focus: [...focus], contrasts: [...contrasts] });
  const seed = () => Math.floor(Math.random() * 2 ** 30);

  /** @param isAskedFor false: the screen does it as it opens, and says nothing where it cannot be done */
  const draft = (aim: Aim, templateId: string | undefined, isAskedFor = true) =>
    ask(
      (signal) =>
        call("POST /api/groups/:groupId/plan", {
          ...{ signal, outlive: true },
          params: { groupId },
          body: {
            ...sent(aim),
            minutes: newest.current.minutes,
            seed: seed(),
            version: answered.current.version,
            ...(templateId && { templateId }),
          },
        }),
      isAskedFor,
    );

  const add = (kind: ActivityKind, aim: Aim, text?: string) =>
    ask((signal) =>
      call("POST /api/plans/:planId/activities", {
        ...{ signal, outlive: true },
        params: { planId },
        body: { ...sent(aim), kind, seed: seed(), ...(text !== undefined && { text }) },
      }),
    );

  const edit = ({ id: activityId, ...change }: ActivityEdit) =>
    ask(() =>
      call("PATCH /api/plans/:planId/activities/:activityId", { params: { planId, activityId }, body: change }),
    );

  /** Whether the server has every change; why it has not is said. */
  const settled = () => autosave.settled();

  return { plan, busy, stop, history, change, undo, redo, draft, add, edit, settled };
}
