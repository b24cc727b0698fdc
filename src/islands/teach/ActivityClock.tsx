import { memo, useEffect, useState } from "react";
import { clockState } from "../../core/light.ts";
import type { TeachActivity } from "../../server/sessions/teach-page.ts";
import type { ActivitySeconds } from "./use-activity-clock.ts";

interface Props {
  readonly sessionId: string;
  readonly activities: readonly TeachActivity[];
  readonly at: TeachActivity;
  /** Minutes there are for the lesson; null when there is no slot to keep. */
  readonly minutes: number | null;
  readonly seconds: ActivitySeconds;
  readonly onDrop: (ids: readonly string[]) => void;
}

/** Up to two by name: the line is short. */
function namesOf(drop: readonly TeachActivity[]): string {
  const names = drop.slice(0, NAMED).map(({ title }) => title);
  return drop.length > NAMED ? `${names.join(", ")} and ${drop.length - NAMED} more` : names.join(", ");
}
const NAMED = 2;

const clock = (seconds: number) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, "0")}`;

/** The time of this activity and of the lesson; that it is late is said once, with what could be left out. */
export const ActivityClock = memo(function ActivityClock({
  sessionId,
  activities,
  at,
  minutes,
  seconds,
  onDrop,
}: Props) {
  const [, setTick] = useState(0);
  const [told, setTold] = useState(() => readTold(sessionId));
  useEffect(() => {
    const timer = setInterval(() => setTick((tick) => tick + 1), 1000);
    return () => clearInterval(timer);
  }, []);
  const here = seconds.current[at.id] ?? 0;
  const all = Object.values(seconds.current).reduce((sum, one) => sum + one, 0);
  const state = minutes === null ? undefined : clockState(activities, minutes, seconds.current, at.id);
  const drop = activities.filter(({ id }) => state?.drop.includes(id));
  const fitting = activities.find(({ id }) => id === state?.fitsIfTime);
  // Told when the last of what was planned is being done.
  const isLast = activities.slice(activities.indexOf(at) + 1).every(({ ifTime }) => ifTime);
  const tell = state !== undefined && state.late > 0 && !told;
  const done = () => {
    setTold(true);
    rememberTold(sessionId);
  };
  return (
    <span className="flex items-center gap-3 whitespace-nowrap text-[14px] tabular-nums">
      {tell && (
        <span role="status" className="flex items-center gap-2 rounded-lg bg-change-soft px-3 py-1 text-ink">
          {Math.round(state.late)} min over{drop.length > 0 && ":"}
          {drop.length > 0 && (
            <button
              type="button"
              className="button min-h-11 min-w-11 py-0"
              onClick={() => {
                onDrop(drop.map(({ id }) => id));
                done();
              }}
            >
              <span className="max-w-64 truncate">Leave out {namesOf(drop)}</span>
            </button>
          )}
          <button type="button" className="button min-h-11 min-w-11 py-0 font-normal" onClick={done}>
            Go on
          </button>
        </span>
      )}
      {fitting && isLast && !tell && <span className="max-w-56 truncate text-good">Time for: {fitting.title}</span>}
      <span title="This activity, of the minutes planned for it" data-clock={Math.floor(here)}>
        {clock(here)}
        {at.minutes > 0 && <span className="text-quiet"> of {clock(at.minutes * 60)}</span>}
      </span>
      {minutes !== null && (
        <span title="The lesson, of the minutes there are" className="text-quiet max-sm:hidden">
          {Math.floor(all / 60)} of {minutes} min
        </span>
      )}
    </span>
  );
});

const key = (sessionId: string) => `zip-step late told ${sessionId}`;
const readTold = (sessionId: string): boolean =>
  typeof sessionStorage !== "undefined" && sessionStorage.getItem(key(sessionId)) !== null;
const rememberTold = (sessionId: string): void => sessionStorage.setItem(key(sessionId), "1");
