import { useRef, useState } from "react";
import { toast } from "sonner";
import type { ActivityKind, Contrast } from "../../core/light.ts";
import type { Plan as StoredPlan } from "../../server/plans.ts";
import { call } from "../client.ts";

/** What a teacher changes in one drafted activity. */
export interface ActivityEdit {
  readonly id: string;
  readonly words?: readonly string[];
  readonly sentences?: readonly string[];
  readonly keyWord?: string;
  readonly text?: string;
}

interface Aim {
  readonly focus: readonly string[];
  readonly contrasts: readonly Contrast[];
}

/** The plan as it is on the screen, and what becomes of it on the server: one thing after another. */
export function usePlan(groupId: string, stored: StoredPlan) {
  const [plan, setPlan] = useState(stored);
  const [busy, setBusy] = useState(false);
  const sending = useRef<Promise<unknown>>(Promise.resolve());

  /** Shown at once, and sent at once, whole: leaving the page loses nothing, and the last change is the one that stays. */
  const change = (next: StoredPlan) => {
    const before = plan;
    setPlan(next);
    const activities = next.activities.map(({ id, minutes, ifTime, settings }) => ({ id, minutes, ifTime, settings }));
    const sent = call("PUT", `/api/plans/${groupId}`, { minutes: next.minutes, activities }, true).catch(
      (error: Error) => {
        toast.error(error.message);
        setPlan(before);
      },
    );
    sending.current = Promise.all([sending.current, sent]);
  };

  /** Waits for what was sent before, then takes the plan as the server has it. */
  const ask = async (path: string, body: unknown): Promise<boolean> => {
    setBusy(true);
    await sending.current;
    try {
      setPlan(await call<StoredPlan>("POST", path, body));
      return true;
    } catch (error) {
      toast.error((error as Error).message);
      return false;
    } finally {
      setBusy(false);
    }
  };

  const seed = () => Math.floor(Math.random() * 2 ** 30);

  const draft = (aim: Aim, templateId: string | undefined) =>
    ask(`/api/plans/${groupId}/draft`, {
      ...aim,
      minutes: plan.minutes,
      seed: seed(),
      ...(templateId && { templateId }),
    });

  const add = (kind: ActivityKind, aim: Aim, text?: string) =>
    ask(`/api/plans/${groupId}/add`, { ...aim, kind, seed: seed(), ...(text !== undefined && { text }) });

  const edit = (change: ActivityEdit) => ask(`/api/plans/${groupId}/edit`, change);

  /** Resolves once the server has every change. */
  const settled = () => sending.current;

  return { plan, busy, change, draft, add, edit, settled };
}
