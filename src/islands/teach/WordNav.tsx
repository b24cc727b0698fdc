import { memo } from "react";
import type { TeachActivity } from "../../server/sessions/teach-page.ts";
import type { Way } from "./lesson/displays.ts";
import type { ReadingUnit } from "./lesson/reading.ts";
import { canGrow } from "./lesson/selectors.ts";
import type { Listing, ListPace } from "./lesson/teach-state.ts";
import { ReadingChoice } from "./ReadingChoice.tsx";
import { TeachMenu } from "./TeachMenu.tsx";
import { WayChoice } from "./WayChoice.tsx";

interface Props {
  readonly activity: TeachActivity;
  readonly items: number;
  readonly at: number;
  readonly isFirst: boolean;
  /** The activity that comes after the last item. */
  readonly after: TeachActivity | undefined;
  readonly isWord: boolean;
  readonly isBlended: boolean;
  readonly hasBoard: boolean;
  /** Counters are shown, or could be; undefined where they do not help. */
  readonly counters: boolean | undefined;
  /** What the pointer moves on by in a text that is read aloud; undefined elsewhere. */
  readonly reading: ReadingUnit | undefined;
  /** Can the items come in another order, or be left out? */
  readonly canReorder: boolean;
  readonly way: Way;
  readonly showChange: boolean;
  readonly canBuild: boolean;
  readonly building: boolean;
  readonly dark: boolean;
  readonly listing: Listing;
  readonly listPace: ListPace | undefined;
  readonly wentWrong: readonly string[];
  readonly canSkip: boolean;
  readonly paper: string | undefined;
  readonly actions: WordNavActions;
}

interface WordNavActions {
  readonly back: () => void;
  readonly next: () => void;
  readonly tap: () => void;
  readonly openOrBlend: () => void;
  readonly tapBack: () => void;
  readonly setReading: (by: ReadingUnit) => void;
  readonly toggleChange: () => void;
  readonly againAtSight: () => void;
  readonly setWay: (way: Way) => void;
  readonly toggleBuilding: () => void;
  readonly toggleCounters: () => void;
  readonly shuffle: () => void;
  readonly dropItem: () => void;
  readonly skipCurrent: () => void;
  readonly setListing: (listing: Listing) => void;
  readonly setListPace: (pace: ListPace | undefined) => void;
  readonly toggleDark: () => void;
  /** @returns why the words cannot be put in; undefined when they are */
  readonly addWords: (words: readonly string[], comes: "next" | "last") => Promise<string | undefined>;
}

/** How the word is worked, and on to the next. */
export const WordNav = memo(function WordNav(props: Props) {
  const { actions, activity, after, isWord, isBlended, items, at, way } = props;
  const atEnd = at === items - 1;
  return (
    <nav
      aria-label="The word"
      className="contain-layout contain-style flex shrink-0 flex-wrap items-center justify-center gap-2 px-3 pb-3"
    >
      {isWord && (
        <span className="max-sm:hidden">
          <WayChoice way={way} onWay={actions.setWay} />
        </span>
      )}
      {props.reading && <ReadingChoice by={props.reading} onChange={actions.setReading} />}
      <NavButton name="Back" keys="←" disabled={props.isFirst} onPress={actions.back} />
      {props.reading && <NavButton name="Tap it out" keys="↓" onPress={actions.tapBack} />}
      {!props.hasBoard && !props.counters && !props.reading && (
        <NavButton name={isWord ? "Tap" : "Show"} keys="space" onPress={actions.tap} />
      )}
      {props.counters !== undefined && (
        <NavButton name={props.counters ? "No counters" : "Counters"} keys="K" onPress={actions.toggleCounters} />
      )}
      {isWord && (
        <NavButton name={isBlended ? "Open" : "Blend"} keys={isBlended ? "↓" : "B"} onPress={actions.openOrBlend} />
      )}
      {isWord && (
        <span className="max-sm:hidden">
          <NavButton name={props.showChange ? "Hide change" : "Show change"} keys="C" onPress={actions.toggleChange} />
        </span>
      )}
      {atEnd && activity.contentKind === "word-list" && way.support !== "at-sight" && items > 1 && (
        <NavButton name="Again, at sight" keys="" onPress={actions.againAtSight} />
      )}
      <NavButton
        name={atEnd && after ? `Next: ${after.title}` : "Next"}
        keys="→"
        disabled={atEnd && after === undefined}
        onPress={actions.next}
      />
      <TeachMenu
        canAdd={canGrow(activity)}
        canBuild={props.canBuild}
        building={props.building}
        canShuffle={props.canReorder && at < items - 2}
        canDrop={props.canReorder && items > 1}
        dark={props.dark}
        wentWrong={props.wentWrong}
        onAdd={actions.addWords}
        onBuild={actions.toggleBuilding}
        onShuffle={actions.shuffle}
        onDrop={actions.dropItem}
        onSkip={props.canSkip ? actions.skipCurrent : undefined}
        listing={props.listing}
        canList={canGrow(activity) && !props.building}
        onListing={actions.setListing}
        listPace={props.listPace}
        onListPace={actions.setListPace}
        onDark={actions.toggleDark}
        paper={props.paper}
      />
    </nav>
  );
});

function NavButton(props: { name: string; keys: string; disabled?: boolean; onPress: () => void }) {
  return (
    <button
      type="button"
      className="button min-h-11 max-w-60 truncate max-sm:max-w-36 max-sm:px-2.5"
      title={props.name}
      disabled={props.disabled}
      onClick={props.onPress}
    >
      {props.name} <span className="ml-1 font-normal text-quiet max-sm:hidden">{props.keys}</span>
    </button>
  );
}
