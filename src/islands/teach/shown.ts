import { type AccentSettings, WORD_LISTS } from "../../core/light.ts";
import type { TeachActivity, TeachItem } from "../../server/teach.ts";
import { type Face, facesOf, type Way } from "./faces.ts";
import { type LessonAction, type LessonState, lessonReducer, orderOf } from "./lesson-state.ts";

/** A face ready to be shown; the same key, the same face. */
export interface Plate {
  readonly key: string;
  readonly face: Face;
}

/** How the words of an activity are worked, where that is not as it was planned. */
export interface OwnWay {
  readonly way?: Way;
  readonly building?: boolean;
}

interface On {
  /** By the activity's id. */
  readonly ways: Readonly<Record<string, OwnWay>>;
  /** The item at which somebody is stuck: who is stuck at sight taps the word after all. */
  readonly stuck: string | undefined;
  readonly accent: AccentSettings;
}

/** What a lesson shows in a state of it: the moments of the item, and the one it is at. */
export interface Shown {
  readonly activity: TeachActivity;
  readonly item: TeachItem;
  readonly before: TeachItem | undefined;
  readonly itemKey: string;
  readonly canBuild: boolean;
  /** It is built: its board is shown, and none of its moments. */
  readonly building: boolean;
  /** Never empty. */
  readonly plates: readonly Plate[];
  readonly at: number;
}

/** May words be put into it on the spot? */
export const grows = ({ does }: Pick<TeachActivity, "does">): boolean => WORD_LISTS.some((kind) => kind === does);

export const itemKeyOf = (state: LessonState): string =>
  `${state.activities[state.activity]?.id} ${orderOf(state)[state.item]}`;

/** What a state of the lesson shows, with what has changed since the word before or without it. */
export type ShownIn = (state: LessonState, showChange: boolean) => Shown | undefined;

/** Looks up what states of a lesson show; faces once made are kept. */
export function shownBy({ ways, stuck, accent }: On): ShownIn {
  const made = new Map<string, readonly Plate[]>();
  return (state, showChange) => {
    const activity = state.activities[state.activity];
    const order = orderOf(state);
    const item = activity?.items[order[state.item] as number];
    if (!activity || !item) return undefined;
    const itemKey = itemKeyOf(state);
    const previous = order[state.item - 1];
    const before = previous === undefined ? undefined : activity.items[previous];
    const own = ways[activity.id];
    const { support, blending } = own?.way ?? activity.settings;
    const way: Way = { support: stuck === itemKey && support === "at-sight" ? "tap-aloud" : support, blending };
    const key = `${itemKey} after ${previous} ${way.support} ${way.blending} ${showChange}`;
    let plates = made.get(key);
    if (!plates) {
      const faces = facesOf(item, { activity, way, before, accent });
      plates = faces.map((face, k) => ({ key: `${key} ${k}`, face: showChange ? face : plain(face) }));
      made.set(key, plates);
    }
    const canBuild = item.word !== undefined && item.word.tray.length > 0 && grows(activity);
    const building = canBuild && (own?.building ?? activity.does === "build-chain");
    const at = Math.min(state.stage, plates.length - 1);
    return { activity, item, before, itemKey, canBuild, building, plates, at };
  };
}

const plain = (face: Face): Face => (face.kind === "word" ? { ...face, before: undefined, change: undefined } : face);

/** Where one press leads: on and back, from moment to moment and from item to item. */
const PRESSES: readonly ((shown: Shown) => LessonAction)[] = [
  ({ at }) => ({ type: "stage", stage: at + 1 }),
  ({ at }) => ({ type: "stage", stage: at - 1 }),
  ({ plates }) => ({ type: "stage", stage: plates.length - 1 }),
  () => ({ type: "stage", stage: 0 }),
  () => ({ type: "next" }),
  () => ({ type: "back" }),
];

/** The plate that shows a state; none while a word is built, nobody is to see it then. */
export function plateOf(shown: Shown | undefined): Plate | undefined {
  return shown?.building ? undefined : shown?.plates[shown.at];
}

/** The faces that the next press may bring, each once, and the one that is shown now. */
export function platesNear(state: LessonState, showChange: boolean, shownIn: ShownIn): Plate[] {
  const now = shownIn(state, showChange);
  if (!now) return [];
  const next = PRESSES.map((press) => shownIn(lessonReducer(state, press(now)), showChange));
  // What has changed is shown and hidden by a press as well.
  const toggled = plateOf(now)?.face.kind === "word" ? shownIn(state, !showChange) : undefined;
  const plates = [now, ...next, toggled].flatMap((shown) => plateOf(shown) ?? []);
  return [...new Map(plates.map((plate) => [plate.key, plate])).values()];
}
