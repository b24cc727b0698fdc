import { useEffect, useState } from "react";
import {
  CartesianGrid,
  ComposedChart,
  Line,
  ResponsiveContainer,
  Scatter,
  Tooltip,
  XAxis,
  YAxis,
  ZAxis,
} from "recharts";
import { saidMoment } from "../../components/words/dates.ts";
import { widerWords } from "../../components/words/evidence-words.ts";
import { gpcName } from "../../components/words/gpc-name.ts";
import { gpcLetters } from "../../components/words/sounds.ts";
import type { EvidenceWay } from "../../core/light.ts";
import type { EvidenceFilter } from "../../schemas/evidence.ts";
import type { GroupId, LearnerId } from "../../schemas/ids.ts";
import { type AnswerTo, call } from "../shared/client.ts";

type Change = AnswerTo<"GET /api/evidence/change">;
type Point = Change["points"][number];

export interface ChangeProps {
  readonly groupId: GroupId;
  readonly learnerId: LearnerId | undefined;
  readonly way: EvidenceWay;
  readonly filter: EvidenceFilter;
}

/** With fewer there is nothing to set beside one another. */
const LEAST_LESSONS = 2;

const inHundred = (share: number) => Math.round(share * 100);
const onDay = (day: string) => saidMoment(`${day}T12:00:00Z`, "short");

/** How the share right has changed from lesson to lesson: a dot a lesson, a line through them, and the same as a table. */
export default function ChangeChart({ groupId, learnerId, way, filter }: ChangeProps) {
  const [gpc, setGpc] = useState("");
  const [change, setChange] = useState<Change>();
  const [failure, setFailure] = useState("");
  const [asTable, setAsTable] = useState(false);
  const { from, to } = filter;
  useEffect(() => {
    let isStale = false;
    const query = {
      groupId,
      way,
      ...(learnerId && { learnerId }),
      ...(gpc && { gpc }),
      ...(from && { from }),
      ...(to && { to }),
    };
    call("GET /api/evidence/change", { query }).then(
      (answer) => !isStale && setChange(answer),
      (error: Error) => !isStale && setFailure(error.message),
    );
    return () => {
      isStale = true;
    };
  }, [groupId, learnerId, way, gpc, from, to]);
  if (failure) return <p role="alert">{failure}</p>;
  if (!change) return <p className="min-h-[26rem] text-quiet">Counting…</p>;
  const points = change.points.map((point, lesson) => ({
    ...point,
    lesson,
    percent: inHundred(point.evenly),
    line: point.smooth === undefined ? undefined : inHundred(point.smooth),
  }));
  const wider = change.wider.length > 0 && (
    <ul aria-label="Beyond single sounds" className="mt-3 rounded-xl border border-rule bg-sheet px-4 py-2">
      {change.wider.map(widerWords).map((words) => (
        <li key={words}>{words}</li>
      ))}
    </ul>
  );
  if (points.length < LEAST_LESSONS && gpc === "")
    return (
      <>
        {wider}
        <p className="text-quiet">Two lessons at least are needed to show a change.</p>
      </>
    );
  // The axis begins where there is something to see, in tens.
  const lowest = Math.max(0, Math.floor((Math.min(90, ...points.map(({ percent }) => percent)) - 5) / 10) * 10);
  return (
    <>
      <label className="flex flex-wrap items-center gap-2">
        <span className="label">Sound</span>
        <select className="field min-h-11 w-72 max-w-full" value={gpc} onChange={(event) => setGpc(event.target.value)}>
          <option value="">all together</option>
          {change.gpcs.map((id) => (
            <option key={id} value={id}>
              {gpcLetters(id)}, {gpcName(id)}
            </option>
          ))}
        </select>
      </label>
      {wider}
      {points.length < LEAST_LESSONS ? (
        <p className="mt-3 text-quiet">Two lessons at least are needed to show a change.</p>
      ) : (
        <div aria-hidden className="mt-3 h-64">
          <ResponsiveContainer>
            <ComposedChart data={points} margin={{ top: 10, right: 12, bottom: 4, left: 0 }} accessibilityLayer={false}>
              <CartesianGrid stroke="var(--color-hairline)" vertical={false} />
              <XAxis
                dataKey="lesson"
                type="number"
                domain={[-0.5, points.length - 0.5]}
                ticks={points.map(({ lesson }) => lesson)}
                tickFormatter={(lesson: number) => onDay(points[lesson]?.day ?? "2026-01-01")}
                tick={{ fontSize: 12, fill: "var(--color-quiet)" }}
                minTickGap={24}
              />
              <YAxis
                domain={[lowest, 100]}
                width={40}
                tick={{ fontSize: 12, fill: "var(--color-quiet)" }}
                label={{
                  value: "right in 100",
                  angle: -90,
                  position: "insideLeft",
                  fontSize: 12,
                  fill: "var(--color-quiet)",
                }}
              />
              <ZAxis dataKey="chances" range={[30, 160]} />
              <Tooltip content={<PointTip />} />
              <Line
                dataKey="line"
                stroke="var(--color-change)"
                strokeWidth={2.5}
                dot={false}
                isAnimationActive={false}
              />
              <Scatter dataKey="percent" fill="var(--color-ink)" isAnimationActive={false} />
            </ComposedChart>
          </ResponsiveContainer>
        </div>
      )}
      <p className="text-[13px] text-quiet">
        One dot a lesson, larger with more answers.{" "}
        {gpc === "" &&
          "Shown as if every lesson's words had been as hard as all of them together: a lesson of hard sounds is no step back. "}
        The line is the trend; a single dot says little.
      </p>
      <details className="mt-2" onToggle={(event) => setAsTable(event.currentTarget.open)}>
        <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
          The same as a table&nbsp;<span aria-hidden="true">▾</span>
        </summary>
        {asTable && (
          <table className="w-full text-left text-[15px]">
            <thead>
              <tr>
                <th scope="col">Lesson</th>
                <th scope="col">Right</th>
                <th scope="col">At even difficulty</th>
              </tr>
            </thead>
            <tbody>
              {points.map((point) => (
                <tr key={point.sessionId} className="border-t border-hairline">
                  <th scope="row" className="py-1 pr-3 font-normal">
                    {onDay(point.day)}, {point.title}
                  </th>
                  <td className="pr-3 tabular-nums">{rightOf(point)}</td>
                  <td className="tabular-nums">{point.percent} in 100</td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </details>
    </>
  );
}

const rightOf = ({ chances, wrong }: Point) => `${chances - wrong} of ${chances}`;

/** What stands over a dot that is pointed at. */
function PointTip({ payload }: { readonly payload?: readonly { readonly payload: Point }[] }) {
  const point = payload?.[0]?.payload;
  if (!point) return null;
  return (
    <p className="rounded-lg border border-rule bg-sheet px-3 py-2 text-[14px]">
      {onDay(point.day)}, {point.title}
      <br />
      <b>{rightOf(point)}</b> right
    </p>
  );
}
