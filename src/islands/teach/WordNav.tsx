import { memo } from "react";
import type { TeachActivity } from "../../server/teach.ts";
import type { Way } from "./faces.ts";
import { activityName } from "./LessonButton.tsx";
import { grows } from "./shown.ts";
import { TeachMenu } from "./TeachMenu.tsx";
import type { Teaching } from "./use-teach.ts";
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
  readonly way: Way;
  readonly showChange: boolean;
  readonly canBuild: boolean;
  readonly building: boolean;
  readonly dark: boolean;
  readonly listing: Teaching["listing"];
  readonly wentWrong: readonly string[];
  readonly canSkip: boolean;
  readonly act: Teaching["act"];
}

/** How the word is worked, and on to the next. */
export const WordNav = memo(function WordNav(props: Props) {
  const { act, activity, after, isWord, isBlended, items, at, way } = props;
  const atEnd = at === items - 1;
  return (
    <nav aria-label="The word" className="own-paint flex shrink-0 items-center justify-center gap-2 px-3 pb-3">
      {isWord && <WayChoice way={way} onWay={act.setWay} />}
      <StageButton name="Back" keys="←" disabled={props.isFirst} onPress={act.back} />
      {!props.hasBoard && <StageButton name={isWord ? "Tap" : "Show"} keys="space" onPress={act.tap} />}
      {isWord && (
        <StageButton name={isBlended ? "Open" : "Blend"} keys={isBlended ? "↓" : "B"} onPress={act.openOrBlend} />
      )}
      {isWord && (
        <StageButton name={props.showChange ? "Hide change" : "Show change"} keys="C" onPress={act.toggleChange} />
      )}
      {atEnd && activity.does === "word-list" && way.support !== "at-sight" && items > 1 && (
        <StageButton name="Again, at sight" keys="" onPress={act.againAtSight} />
      )}
      <StageButton
        name={atEnd && after ? `Next: ${activityName(after)}` : "Next"}
        keys="→"
        disabled={atEnd && after === undefined}
        onPress={act.next}
      />
      <TeachMenu
        canAdd={grows(activity)}
        canBuild={props.canBuild}
        building={props.building}
        canShuffle={at < items - 2}
        canDrop={items > 1}
        dark={props.dark}
        wentWrong={props.wentWrong}
        onAdd={act.addWords}
        onBuild={act.toggleBuilding}
        onShuffle={act.shuffle}
        onDrop={act.dropItem}
        onSkip={props.canSkip ? act.skipThis : undefined}
        listing={props.listing}
        canList={grows(activity) && !props.building}
        onListing={act.setListing}
        onDark={act.toggleDark}
      />
    </nav>
  );
});

function StageButton(props: { name: string; keys: string; disabled?: boolean; onPress: () => void }) {
  return (
    <button
      type="button"
      className="button min-h-11 whitespace-nowrap"
      disabled={props.disabled}
      onClick={props.onPress}
    >
      {props.name} <span className="ml-1 font-normal text-quiet">{props.keys}</span>
    </button>
  );
}
