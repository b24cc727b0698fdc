/** States that can be gone back to and on to again; the present one is kept by whoever changes it. */
export interface History<T> {
  /** The latest last. */
  readonly past: readonly T[];
  /** The next first. */
  readonly future: readonly T[];
}

/** So many steps can be taken back. */
const MOST_STEPS = 100;

export const NO_HISTORY: History<never> = { past: [], future: [] };

/** A change is made: what was before it can be had back, what was taken back before cannot be had again. */
export const recorded = <T>({ past }: History<T>, before: T): History<T> => ({
  past: [...past.slice(1 - MOST_STEPS), before],
  future: [],
});

/** A state to go to, and the history as it is there. */
export interface Travelled<T> {
  readonly present: T;
  readonly history: History<T>;
}

/** One change back. @returns undefined when there is none */
export function undone<T>({ past, future }: History<T>, present: T): Travelled<T> | undefined {
  const before = past.at(-1);
  return before === undefined
    ? undefined
    : { present: before, history: { past: past.slice(0, -1), future: [present, ...future] } };
}

/** One change on, of those that were taken back. @returns undefined when there is none */
export function redone<T>({ past, future }: History<T>, present: T): Travelled<T> | undefined {
  const [next, ...later] = future;
  return next === undefined ? undefined : { present: next, history: { past: [...past, present], future: later } };
}

/** The last step itself, for histories of steps and not of states; it can be made again. */
export function stepBack<T>({ past, future }: History<T>): { step: T; history: History<T> } | undefined {
  const step = past.at(-1);
  return step === undefined ? undefined : { step, history: { past: past.slice(0, -1), future: [step, ...future] } };
}

/** The next step of those that were taken back. */
export function stepOn<T>({ past, future }: History<T>): { step: T; history: History<T> } | undefined {
  const [step, ...later] = future;
  return step === undefined ? undefined : { step, history: { past: [...past, step], future: later } };
}

/** Is there a step to undo? */
export const canUndo = ({ past }: History<unknown>): boolean => past.length > 0;
/** Is there a step to redo? */
export const canRedo = ({ future }: History<unknown>): boolean => future.length > 0;
