import { useRef, useState } from "react";
import { toast } from "sonner";
import type { ActivityKind } from "../../core/light.ts";
import type { Aim } from "../../server/plans/lesson-types.ts";
import type { CheckedPlan } from "../../server/plans/plan-check.ts";
import { call } from "../shared/client.ts";
import { useAnnouncedAutosave } from "../shared/use-announced-autosave.ts";

/** What a teacher changes in one drafted activity. */
export interface ActivityEdit {
  readonly id: string;
  readonly words?: readonly string[];
  readonly sentences?: readonly string[];
  readonly keyWord?: string;
  readonly text?: string;
}

type Change = (plan: CheckedPlan) => CheckedPlan;

/** What of a plan is changed here and now; the rest is drafted, added or looked at again on the server. */
const changeable = ({ minutes, activities }: CheckedPlan) => ({
  minutes,
  activities: activities.map(({ id, minutes, ifTime, settings }) => ({ id, minutes, ifTime, settings })),
});

/** A plan with what was changed in it; what it does not know comes with the server's answer. */
function changed(plan: CheckedPlan, { minutes, activities }: ReturnType<typeof changeable>): CheckedPlan {
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
  const newest = useRef(stored);
  const answered = useRef(stored);
  // Changes made while something is asked of the server: they are made to its answer as well.
  const meanwhile = useRef<Change[]>(undefined);

  const show = (next: CheckedPlan) => {
    newest.current = next;
    setPlan(next);
  };
  const autosave = useAnnouncedAutosave({
    name: `zip-step plan ${groupId}`,
    stored: changeable(stored),
    send: (body) => call<CheckedPlan>("PUT", `/api/plans/${groupId}`, body, true),
    onRestored: (unsaved) => show(changed(stored, unsaved)),
    onSaved: (saved) => {
      answered.current = saved;
      if (!meanwhile.current) show(saved);
    },
    onRefused: (error) => {
      toast.error(error.message);
      show(answered.current);
    },
  });

  /** Shown at once, and kept at once: leaving the page loses nothing. */
  const change = (make: Change) => {
    show(make(newest.current));
    if (meanwhile.current) meanwhile.current.push(make);
    else autosave.save(changeable(newest.current));
  };

  /** Waits for what was sent before, then takes the plan as the server has it. */
  const ask = async (path: string, body: unknown): Promise<boolean> => {
    if (meanwhile.current) return false;
    const since: Change[] = [];
    meanwhile.current = since;
    setBusy(true);
    try {
      // Why it is not has been said.
      if (!(await autosave.settled())) return false;
      answered.current = await call<CheckedPlan>("POST", path, body);
      autosave.acceptStored(changeable(answered.current));
      show(since.reduce((now, make) => make(now), answered.current));
      return true;
    } catch (error) {
      toast.error((error as Error).message);
      return false;
    } finally {
      meanwhile.current = undefined;
      if (since.length > 0) autosave.save(changeable(newest.current));
      setBusy(false);
    }
  };

  const seed = () => Math.floor(Math.random() * 2 ** 30);

  const draft = (aim: Aim, templateId: string | undefined) =>
    ask(`/api/plans/${groupId}/draft`, {
      ...aim,
      minutes: newest.current.minutes,
      seed: seed(),
      ...(templateId && { templateId }),
    });

  const add = (kind: ActivityKind, aim: Aim, text?: string) =>
    ask(`/api/plans/${groupId}/add`, { ...aim, kind, seed: seed(), ...(text !== undefined && { text }) });

  const edit = (change: ActivityEdit) => ask(`/api/plans/${groupId}/edit`, change);

  /** Whether the server has every change; why it has not is said. */
  const settled = () => autosave.settled();

  return { plan, busy, change, draft, add, edit, settled };
}
