import { useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import { schoolToday } from "../../components/words/dates.ts";
import type { FilledPart, OralItem } from "../../core/light.ts";
import type { EarsOnlyPage } from "../../server/sets/ears-only-page.ts";
import type { Routine } from "../../server/sets/routines.ts";
import { call } from "../shared/client.ts";
import type { EarsPart } from "./oral-set-state.ts";

interface Wants {
  readonly page: EarsOnlyPage;
  readonly parts: readonly EarsPart[];
  readonly words: readonly string[];
  readonly onParts: (change: (parts: readonly EarsPart[]) => readonly EarsPart[]) => void;
}

export interface RoutineHandle {
  readonly routines: readonly Routine[];
  readonly open: Routine | undefined;
  /** ISO 8601 date of the day it is filled for. */
  readonly day: string;
  /** The skills on the sheet are no longer the routine's. */
  readonly changed: boolean;
  choose(id: string): Promise<void>;
  /** Fills the day; anew, though it has been filled, when `again`. */
  fill(again: boolean): Promise<void>;
  /** Keeps other items for the day that is open. */
  keep(part: number, items: readonly OralItem[]): Promise<void>;
  saveAs(title: string): Promise<void>;
  /** Keeps the skills on the sheet as the routine's. */
  update(): Promise<void>;
  remove(): Promise<void>;
}

/** A routine kept on the server: the same skills every day, other items. */
export function useRoutine({ page, parts, words, onParts }: Wants): RoutineHandle {
  const [routines, setRoutines] = useState(page.routines);
  const [open, setOpen] = useState<Routine>();
  const day = schoolToday();
  const trying = async <T>(work: () => Promise<T>): Promise<T | undefined> => {
    try {
      return await work();
    } catch (error) {
      toast.error((error as Error).message);
      return undefined;
    }
  };

  const fillFor = async (routine: Routine, again: boolean) => {
    const filled = await trying(() =>
      call("PUT /api/routines/:routineId/days/:day", {
        params: { routineId: routine.id, day },
        body: { words, ...(again && { again }) },
      }),
    );
    if (filled) onParts(() => filled.parts.map((part, k) => asPart(part, routine.parts[k]?.count ?? 0)));
  };

  const chooseRoutine = async (id: string) => {
    const routine = routines.find((one) => one.id === id);
    setOpen(routine);
    if (routine) await fillFor(routine, false);
  };
  // One that the address names is opened as if it were chosen.
  const named = useRef(new URLSearchParams(globalThis.location?.search).get("routine"));
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the screen opens
  useEffect(() => {
    if (named.current) void chooseRoutine(named.current);
    named.current = null;
  }, []);

  const shape = parts.map(({ skill, count }) => ({ skill, count }));
  return {
    routines,
    open,
    day,
    changed: open !== undefined && JSON.stringify(shape) !== JSON.stringify(open.parts),
    choose: chooseRoutine,
    async fill(again) {
      if (open) await fillFor(open, again);
    },
    async keep(part, items) {
      if (open)
        await trying(() =>
          call("PATCH /api/routines/:routineId/days/:day", {
            params: { routineId: open.id, day },
            body: { part, items },
          }),
        );
    },
    async saveAs(title) {
      const body = { title, parts: shape };
      const routine = await trying(() => call("POST /api/routines", { body: { ...body, groupId: page.group.id } }));
      if (!routine) return;
      setRoutines([routine, ...routines]);
      setOpen(routine);
      await fillFor(routine, false);
      toast.success(`Saved: ${routine.title}. Other items every day.`);
    },
    async update() {
      if (!open) return;
      const body = { title: open.title, parts: shape };
      const routine = await trying(() =>
        call("PUT /api/routines/:routineId", { params: { routineId: open.id }, body }),
      );
      if (!routine) return;
      setRoutines(routines.map((one) => (one.id === routine.id ? routine : one)));
      setOpen(routine);
      await fillFor(routine, false);
    },
    async remove() {
      if (!open) return;
      const gone = open;
      const done = await trying(async () => {
        await call("DELETE /api/routines/:routineId", { params: { routineId: gone.id } });
        return true;
      });
      if (!done) return;
      setRoutines(routines.filter(({ id }) => id !== gone.id));
      setOpen(undefined);
    },
  };
}

function asPart(part: FilledPart, count: number): EarsPart {
  return part.ok
    ? { skill: part.skill, count: part.items.length, items: part.items, fromToday: part.fromToday }
    : { skill: part.skill, count, items: [], fromToday: 0, reason: part.reason };
}
