import { type Sequence, type SequenceRow, sequenceById, writeSequenceRows } from "../../core/light.ts";
import type { GroupId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { getSequence, listSequences } from "../school/sequences.ts";
import { type Group, getGroup, listGroups } from "./groups.ts";

/** An order of teaching in a list. */
export interface SequenceEntry {
  readonly id: string;
  readonly name: string;
  readonly source: string;
  readonly steps: number;
  readonly groups: readonly string[];
}

export interface GroupsPage {
  readonly groups: readonly (Group & { readonly sequenceName: string; readonly stepName: string })[];
  readonly sequences: readonly SequenceEntry[];
}

/** Gathers the Groups screen. */
export async function groupsPage(db: Queryable): Promise<GroupsPage> {
  const [groups, sequences] = [await listGroups(db), await listSequences(db)];
  return {
    groups: groups.map((group) => {
      const sequence = sequences.find(({ id }) => id === group.sequenceId);
      return {
        ...group,
        sequenceName: sequence?.name ?? "",
        stepName: sequence?.steps[group.step - 1]?.name ?? "",
      };
    }),
    sequences: sequences.map(({ id, name, source, steps }) => ({
      id,
      name,
      source,
      steps: steps.length,
      groups: groups.filter(({ sequenceId }) => sequenceId === id).map((group) => group.name),
    })),
  };
}

export interface TicksPage {
  readonly group: Group;
  readonly sequence: Sequence;
}

/** @throws AppError "not-found" */
export async function ticksPage(db: Queryable, groupId: GroupId): Promise<TicksPage> {
  const group = await getGroup(db, groupId);
  return { group, sequence: await getSequence(db, group.sequenceId) };
}

export interface SequencePage {
  /** Undefined for one that is not stored yet. */
  readonly id: string | undefined;
  readonly name: string;
  readonly rows: readonly SequenceRow[];
  /** Shipped ones are looked at and copied, not changed. */
  readonly shipped: boolean;
}

const EMPTY_ROW: SequenceRow = { name: "", spellings: "", patterns: "", irregularWords: "" };

/**
 * The editor's page of a stored sequence, or, for "new", a copy of another one or an empty one.
 * @throws AppError "not-found"
 */
export async function sequencePage(db: Queryable, id: string, copyOf: string | null): Promise<SequencePage> {
  if (id === "new" && copyOf === null) return { id: undefined, name: "", rows: [EMPTY_ROW], shipped: false };
  const sequence = await getSequence(db, id === "new" ? (copyOf ?? "") : id);
  const rows = writeSequenceRows(sequence);
  return id === "new"
    ? { id: undefined, name: `${sequence.name}, our own`, rows, shipped: false }
    : { id, name: sequence.name, rows, shipped: sequenceById(id) !== undefined };
}
