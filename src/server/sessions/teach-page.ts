import {
  type AccentSettings,
  buildTray,
  type ChecklistLine,
  DEFAULT_FOILS,
  keyOfGpc,
  likelySounds,
  madeUpLearners,
  type OralTarget,
  type PlannedKind,
  type PracticeSettings,
  type Prompt,
  pictureOf,
  type ResponseMode,
  type SchoolSettings,
  type Segmentation,
  type SimulatedLearner,
  type SubstitutionRow,
  substitutionTable,
  syllablesOf,
  type Tile,
  taughtGpcs,
  unitKey,
} from "../../core/index.ts";
import type { SessionId } from "../../schemas/ids.ts";
import type { Queryable } from "../db/database.ts";
import { rowsByLearner } from "../evidence/evidence.ts";
import { type StoredResponse, sessionResponses } from "../evidence/responses.ts";
import { unitCountsOf } from "../evidence/totals.ts";
import { groupScope } from "../groups/group-scope.ts";
import { type Group, getGroup } from "../groups/groups.ts";
import type { RunActivity } from "../plans/lesson-types.ts";
import { type RunWord, wordsOfActivity } from "./lesson-run.ts";
import { getSession, type Session } from "./sessions.ts";

export interface TeachWord {
  readonly word: string;
  readonly reading: Segmentation;
  /** Unit indices of each part of a longer word: syllables, endings. */
  readonly parts: readonly (readonly number[])[];
  /** For each unit, the sounds most likely said instead, likeliest first. */
  readonly likely: readonly (readonly string[])[];
  /** What it is built from, with what could be taken for it. */
  readonly tray: readonly Tile[];
  readonly picture: string | undefined;
}

export interface TeachItem {
  readonly prompt: Prompt;
  /** What is marked, by its index in the session; null where nothing is. */
  readonly index: number | null;
  readonly mode: ResponseMode | undefined;
  /** What is answered to, as the session names it: a word, or a GPC id for a card. */
  readonly target: string | undefined;
  readonly word: TeachWord | undefined;
  /** What is asked for by ear; undefined for everything that has letters. */
  readonly oral?: TeachOral;
}

/** Sounds without letters, to be marked one by one. */
export interface TeachOral {
  readonly reading: Segmentation;
  /** Indices of the sounds that are asked for. */
  readonly asked: readonly number[];
  /** For each sound, those most likely said instead, likeliest first. */
  readonly likely: readonly (readonly string[])[];
}

export interface TeachActivity {
  readonly id: string;
  readonly kind: PlannedKind;
  readonly contentKind: RunActivity["content"]["kind"];
  /** Empty where it has none of its own; Teach is given the name of its kind then. */
  readonly title: string;
  readonly minutes: number;
  readonly ifTime: boolean;
  readonly heldBack: boolean;
  readonly settings: PracticeSettings;
  /** Which part of a word is blended first, in a family walk. */
  readonly walk: "rime-first" | "body-first" | undefined;
  /** The text that is read aloud word by word; absent where none is. */
  readonly text?: string;
  readonly items: readonly TeachItem[];
}

/** A lesson ready to run: nothing in it needs the word list. */
export interface TeachPage {
  readonly session: Pick<Session, "id" | "title" | "place" | "endedAt"> & { readonly minutes: number | null };
  readonly group: Group;
  readonly activities: readonly TeachActivity[];
  readonly responses: readonly StoredResponse[];
  readonly accent: AccentSettings;
  /** What a dictated sentence is looked over for. */
  readonly checklist: readonly ChecklistLine[];
  /** How much each learner's records say they need a correspondence: 0 to 1, by unit key, by learner. */
  readonly needs: Readonly<Record<string, Readonly<Record<string, number>>>>;
  /** In a rehearsal: how each made-up learner answers, by id; undefined in a lesson with real ones. */
  readonly madeUp?: Readonly<Record<string, SimulatedLearner>>;
  /** Each next word is chosen by the answers before it. */
  readonly isProbe?: true;
}

/** @throws AppError "not-found" */
export async function teachPage(db: Queryable, sessionId: SessionId): Promise<TeachPage> {
  const session = await getSession(db, sessionId);
  const whole = await getGroup(db, session.groupId);
  const alone = session.run.learnerId;
  // A learner's own cards are nobody else's.
  const group = alone === undefined ? whole : { ...whole, learners: whole.learners.filter(({ id }) => id === alone) };
  const scope = await groupScope(db, group);
  const of = { groupId: group.id };
  const built = substitutionTable(await unitCountsOf(db, of, ["built"]));
  const read = await rowsByLearner(db, of, "read");
  const { id, title, place, endedAt, run } = session;
  const showing = { school: scope.school, taught: taughtGpcs(scope), rows: built };
  return {
    session: { id, title, place, endedAt, minutes: run.minutes },
    group,
    activities: run.activities.map((activity) => teachActivity(activity, showing)),
    responses: await sessionResponses(db, sessionId),
    accent: scope.school.accent,
    checklist: scope.school.checklist,
    ...(run.probe && { isProbe: true }),
    ...(group.isRehearsal && { madeUp: madeUpOf(group, showing.taught) }),
    needs: Object.fromEntries(group.learners.map(({ id }) => [id, needsOf(read.get(id) ?? [], scope.school.accent)])),
  };
}

/** The same for the same rehearsal: a page that is loaded again goes on with them. */
function madeUpOf({ id, learners }: Group, taught: readonly string[]): Readonly<Record<string, SimulatedLearner>> {
  const made = madeUpLearners(learners.length, taught, Number.parseInt(id.slice(0, 8), 16));
  return Object.fromEntries(learners.map((learner, k) => [learner.id, made[k] as SimulatedLearner]));
}

/** Chances that count as so many right ones before there are any: one substitution in one chance is no great need. */
const BEFORE_ANY = 3;

const needsOf = (rows: readonly SubstitutionRow[], accent: AccentSettings): Record<string, number> =>
  Object.fromEntries(
    rows
      .filter(({ wrong }) => wrong > 0)
      .map(({ gpc, wrong, chances }) => [keyOfGpc(gpc, accent), wrong / (chances + BEFORE_ANY)]),
  );

interface Showing {
  readonly school: SchoolSettings;
  readonly taught: readonly string[];
  readonly rows: readonly SubstitutionRow[];
}

/** An activity with everything that is shown in it. */
export function teachActivity(activity: RunActivity, { school, taught, rows }: Showing): TeachActivity {
  const { id, kind, title, minutes, ifTime, heldBack, content } = activity;
  const substitutionsByUnit = new Map(
    rows.map(({ gpc, substitutions }) => [
      keyOfGpc(gpc, school.accent),
      substitutions.flatMap(({ said }) => (said.length === 1 ? said : [])),
    ]),
  );
  const words = wordsOfActivity(activity, school.accent);
  return {
    id,
    kind,
    contentKind: content.kind,
    title,
    minutes,
    ifTime,
    heldBack,
    settings: activity.settings ?? school.practice,
    walk: content.kind === "family-walk" ? content.way : undefined,
    ...(content.kind === "text" && { text: content.text }),
    items: words.map(({ prompt, target, index, reading, oral }, k): TeachItem => {
      if (oral) return oralItem({ prompt, target, index }, oral);
      const before = words[k - 1]?.reading;
      const tray = () =>
        buildTray({
          target: reading as Segmentation,
          before,
          taughtGpcs: taught,
          likelySubstitutions:
            reading?.units.map((unit) => substitutionsByUnit.get(unitKey(unit, school.accent)) ?? []) ?? [],
          foils: DEFAULT_FOILS,
          accent: school.accent,
          taps: school.taps,
        });
      return {
        prompt,
        index: reading ? index : null,
        mode: target?.mode,
        target: target?.name,
        // A sentence is no word to be shown, tapped or built.
        word:
          target?.mode === "sentence"
            ? undefined
            : reading && {
                word: reading.word,
                reading,
                parts: syllablesOf(reading).map(({ units }) => units),
                likely: reading.units.map((_, unit) => likelySounds(reading, unit)),
                // Cards and the words of a text are not built.
                tray: target?.mode === "card" || prompt.code === "read-in-text" ? [] : tray(),
                picture: pictureOf(reading.word, school.accent.accent),
              },
      };
    }),
  };
}

function oralItem(
  { prompt, target, index }: Pick<RunWord, "prompt" | "target" | "index">,
  oral: OralTarget,
): TeachItem {
  const { reading, asked } = oral;
  return {
    prompt,
    index,
    mode: target?.mode,
    target: target?.name,
    word: undefined,
    oral: { reading, asked, likely: reading.units.map((_, unit) => likelySounds(reading, unit)) },
  };
}
