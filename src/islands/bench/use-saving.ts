import { type Dispatch, useRef } from "react";
import { toast } from "sonner";
import { call } from "../shared/client.ts";
import { ignoreCancelled } from "../shared/use-answer.ts";
import { type BenchAction, type BenchState, fingerprint } from "./state.ts";

/**
 * Saving the chain, and where it goes from there: to be taught, or to another group.
 *
 * @param judged what there is to say against the chain, asked when it is to be used: what stands on the screen may be
 * about the chain before the last change
 */
export function useSaving(
  state: BenchState,
  dispatch: Dispatch<BenchAction>,
  groupId: string,
  judged: () => Promise<{ readonly broken: number; readonly unfit: number }>,
) {
  const saving = useRef<Promise<string | undefined>>(undefined);
  const unsaved = fingerprint(state) !== state.saved;

  const send = async (asAnother: boolean): Promise<string | undefined> => {
    const { words, focus, contrasts, shape } = state;
    const title = asAnother && state.title !== "" ? `${state.title}, another` : state.title;
    const body = { title, words, aim: { focus, contrasts }, shape };
    try {
      const chain =
        state.chainId && !asAnother
          ? await call("PUT /api/chains/:chainId", { params: { chainId: state.chainId }, body })
          : await call("POST /api/chains", { body: { ...body, groupId } });
      const saved = fingerprint({ ...state, title: chain.title });
      dispatch({ type: "saved", chainId: chain.id, title: chain.title, saved });
      history.replaceState(null, "", `/bench?group=${groupId}&chain=${chain.id}`);
      toast.success(`Saved: ${chain.title}`);
      return chain.id;
    } catch (error) {
      toast.error((error as Error).message);
      return undefined;
    }
  };

  /** @returns the chain's id; undefined when it could not be saved. Two quick presses are one. */
  const save = (asAnother = false): Promise<string | undefined> => {
    saving.current ??= send(asAnother).finally(() => {
      saving.current = undefined;
    });
    return saving.current;
  };
  const saveIfNeeded = async () => (unsaved || !state.chainId ? save() : state.chainId);

  /** May it stand before children? */
  const isFit = async (): Promise<boolean> => {
    try {
      const { broken, unfit } = await judged();
      if (broken + unfit === 0) return true;
      toast.error("Mend what is marked first.");
    } catch (error) {
      ignoreCancelled(error);
    }
    return false;
  };

  const teach = async () => {
    if (!(await isFit())) return;
    const chainId = await saveIfNeeded();
    if (!chainId) return;
    try {
      const session = await call("POST /api/sessions", { body: { chainId } });
      location.assign(`/teach/${session.id}`);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };

  /** Into the group's next lesson, as it is saved. */
  const toPlan = async () => {
    if (!(await isFit())) return;
    const ref = await saveIfNeeded();
    if (!ref) return;
    try {
      await call("POST /api/plans/:planId/activities", { params: { planId: groupId }, body: { chainId: ref } });
      toast.success("In the next lesson", {
        action: { label: "Open the plan", onClick: () => location.assign(`/plan?group=${groupId}`) },
      });
    } catch (error) {
      toast.error((error as Error).message);
    }
  };

  /** The same chain for another group: it opens there as a copy, checked against what that group was taught. */
  const forGroup = async (other: string) => {
    const chainId = await saveIfNeeded();
    if (chainId) location.assign(`/bench?group=${other}&copy=${chainId}`);
  };

  return { unsaved, save, teach, toPlan, forGroup };
}
