import { figure } from "@proven-seat/core/basis/units";
import { memo, useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Coming } from "../../parts/coming.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import type { BreakingPoint, MovableValue } from "../../workers/views.ts";
import { ReachMap } from "./reach-map.tsx";
import { useReach } from "./use-reach.ts";
import { inReading, nameOf, reachText, unitOf } from "./value-text.ts";

type Reach = BreakingPoint["up"];

function Side({ reach, fails, movable }: { reach: Reach; fails: Reach; movable: MovableValue }) {
  const units = useUnits();
  if (reach === null) return <span className="text-dim">no limit found</span>;
  const turn = reach.turns[0];
  const later = fails !== null && Math.abs(fails.to - reach.to) > 1e-6 ? fails : null;
  return (
    <span className="grid grid-cols-[3.4rem_18px_minmax(0,1fr)] items-baseline gap-x-1">
      <span className="figures text-right">{reachText(reach.to, movable, units)}</span>
      <span className="self-start pt-0.5">{turn && <BoreMark verdict={turn.to} />}</span>
      <span title={reach.turns.map((t) => `${t.asks}: ${t.from} → ${t.to}`).join("\n")}>{turn?.asks}</span>
      {later && (
        <>
          <span className="figures text-right text-dim">{reachText(later.to, movable, units)}</span>
          <span className="self-start pt-0.5">
            <BoreMark verdict="fails" />
          </span>
          <span className="text-dim">{later.turns[0]?.asks}</span>
        </>
      )}
    </span>
  );
}

/** How far each value of the duty may move before a finding changes, and a map of two of them. */
const ReachList = memo(function ReachList({ view }: { view: BenchView }) {
  const { values, points, settled, done, failure } = useReach(view);
  const units = useUnits();
  const [axes, setAxes] = useState<readonly [string | null, string | null]>([null, null]);
  if (view.selected === null) return <p className="p-2 text-dim">Select a candidate first.</p>;
  const known = (path: string | null) => values.find((v) => v.path === path);
  const across = known(axes[0]) ?? values.find((v) => v.quantity === "temperature" && v.caseName !== null);
  const up =
    known(axes[1]) ??
    values.find((v) => v.quantity === "pressure" && v.caseName === across?.caseName) ??
    values.find((v) => v.path !== across?.path);
  if (failure !== null) return <Coming failure={failure}>Searching …</Coming>;
  const found = Object.keys(settled).length;
  const picker = (side: 0 | 1, value: MovableValue | undefined, other: MovableValue | undefined) => (
    <select
      className="border-b border-rule bg-transparent"
      aria-label={side === 0 ? "map across" : "map upwards"}
      value={value?.path ?? ""}
      onChange={(e) =>
        setAxes(side === 0 ? [e.target.value, up?.path ?? null] : [across?.path ?? null, e.target.value])
      }
    >
      {values
        .filter((v) => v.path !== other?.path)
        .map((v) => (
          <option key={v.path} value={v.path}>
            {nameOf(v)}
          </option>
        ))}
    </select>
  );
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_minmax(190px,32%)] gap-4">
      <Scroll label="Values" busy={!done} className="min-h-0">
        <p className="sr-only" role="status">
          {done ? `${found} values searched` : "searching"}
        </p>
        <table className="w-full table-fixed border-collapse text-left text-[12px]">
          <caption className="sr-only">Range of each value before a verdict changes</caption>
          <thead className="text-dim">
            <tr className="border-b border-rule">
              <th className="w-[26%] font-normal">
                now {done ? "" : `(${found} of ${values.length} searched)`}
              </th>
              <th className="pl-2 font-normal">down to</th>
              <th className="font-normal">up to</th>
            </tr>
          </thead>
          <tbody>
            {values.map((v) => {
              const point = points[v.path];
              return (
                <tr key={v.path} className="border-b border-rule/60 align-top">
                  <td className="py-[2px] break-words">
                    {nameOf(v)}
                    <span className="figures block">
                      {figure(inReading(v.value, v, units))}{" "}
                      <span className="text-dim">
                        {unitOf(v, units)}
                        {v.assumed ? ", assumed" : ""}
                      </span>
                    </span>
                  </td>
                  <td className="pl-2">
                    {point ? <Side reach={point.down} fails={point.failsDown} movable={v} /> : "…"}
                  </td>
                  <td>{point ? <Side reach={point.up} fails={point.failsUp} movable={v} /> : "…"}</td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </Scroll>
      {across && up && (
        <ReachMap
          view={view}
          across={across}
          up={up}
          points={settled}
          pickers={
            <p className="flex flex-wrap items-baseline gap-x-1.5 text-[12px]">
              {picker(0, across, up)} <span className="text-dim">against</span> {picker(1, up, across)}
            </p>
          }
        />
      )}
    </div>
  );
});

export default ReachList;
