import { activityName } from "./LessonMenu.tsx";
import { TeachMenu } from "./TeachMenu.tsx";
import { GROWS, type Teaching } from "./use-teach.ts";
import { WayChoice } from "./WayChoice.tsx";

/** How the word is worked, and on to the next. */
export function WordNav({ teaching }: { readonly teaching: Teaching }) {
  const { activity, atEnd, board, face, isBlended, items, lesson, nextActivity, way } = teaching;
  const isWord = face?.kind === "word";
  const comesNext = atEnd && nextActivity !== undefined ? lesson.activities[nextActivity] : undefined;
  const openOrBlend = () => {
    if (!isBlended) teaching.dispatch({ type: "stage", stage: teaching.lastStage });
    else if (way.support === "at-sight") teaching.tapBack();
    else teaching.dispatch({ type: "stage", stage: 0 });
  };
  return (
    <nav aria-label="The word" className="flex shrink-0 items-center justify-center gap-2 px-3 pb-3">
      {isWord && <WayChoice way={way} onWay={teaching.setWay} />}
      <StageButton
        name="Back"
        keys="←"
        disabled={lesson.item === 0 && teaching.previousActivity === undefined}
        onPress={teaching.goBack}
      />
      {!board && <StageButton name={isWord ? "Tap" : "Show"} keys="space" onPress={teaching.tap} />}
      {isWord && <StageButton name={isBlended ? "Open" : "Blend"} keys={isBlended ? "↓" : "B"} onPress={openOrBlend} />}
      {isWord && (
        <StageButton
          name={teaching.showChange ? "Hide change" : "Show change"}
          keys="C"
          onPress={() => teaching.setShowChange(!teaching.showChange)}
        />
      )}
      {atEnd && activity.does === "word-list" && way.support !== "at-sight" && items.length > 1 && (
        <StageButton name="Again, at sight" keys="" onPress={teaching.againAtSight} />
      )}
      <StageButton
        name={comesNext ? `Next: ${activityName(comesNext)}` : "Next"}
        keys="→"
        disabled={atEnd && nextActivity === undefined}
        onPress={teaching.goOn}
      />
      <TeachMenu
        canAdd={GROWS.includes(activity.does)}
        canBuild={teaching.canBuild}
        building={teaching.building}
        canShuffle={lesson.item < items.length - 2}
        canDrop={items.length > 1}
        dark={teaching.dark}
        wentWrong={teaching.wentWrong}
        onAdd={teaching.addWords}
        onBuild={() => teaching.setBuilding(!teaching.building)}
        onShuffle={() => teaching.dispatch({ type: "shuffle", random: Math.random })}
        onDrop={() => teaching.dispatch({ type: "drop-item" })}
        onSkip={
          lesson.activities.length > 1 ? () => teaching.dispatch({ type: "skip", ids: [activity.id] }) : undefined
        }
        onDark={() => teaching.setDark(!teaching.dark)}
      />
    </nav>
  );
}

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
