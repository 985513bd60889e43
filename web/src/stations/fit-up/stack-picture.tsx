import { figure, figureText } from "@proven-seat/core/basis/units";
import type { FitUpPicture } from "@proven-seat/core/judgement/proof";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import type { CandidateDetail } from "../../workers/views.ts";
import { Elevation } from "./elevation.tsx";

const fills: Readonly<Record<Verdict, string>> = {
  holds: "var(--holds)",
  tight: "var(--tight)",
  fails: "var(--fails)",
  "cannot tell": "var(--cannot)",
  "not asked": "var(--dim)",
};

/** Everything the drive's torque passes through, from the drive down, against its peak. */
function Members({ detail }: { detail: CandidateDetail }) {
  const units = useUnits();
  const { fitUp, candidate } = detail;
  const { members, weakest } = fitUp.fitUp!;
  const peak = fitUp.peakNm ?? 0;
  // A part that carries ten times the peak would leave no room for the others.
  const maximum = Math.min(Math.max(peak, ...members.map((m) => m.carriesNm)), 3 * peak || 1);
  const verdictOf = (rule: string) => candidate.findings.find((f) => f.rule === rule)?.verdict ?? "not asked";
  return (
    <dl className="grid grid-cols-[auto_auto_minmax(0,1fr)_auto] items-center gap-x-2 gap-y-1">
      {members.map(({ what, carriesNm, rule }) => (
        <div key={what} className="contents">
          <dt className="contents">
            <BoreMark verdict={verdictOf(rule)} />
            <span className={what === weakest.what ? "font-semibold" : ""}>
              {what}
              {what === weakest.what && <span className="font-normal text-dim"> weakest part</span>}
            </span>
          </dt>
          <dd aria-hidden="true">
            <svg className="h-2.5 w-full" preserveAspectRatio="none" viewBox="0 0 100 10">
              <title>{what}</title>
              <rect
                width={Math.min(100, (carriesNm / maximum) * 100)}
                height="10"
                fill="var(--second)"
                stroke="var(--ink)"
                vectorEffect="non-scaling-stroke"
              />
              <path
                d={`M${(peak / maximum) * 100} 0V10`}
                stroke={fills[verdictOf(rule)]}
                strokeWidth="3"
                vectorEffect="non-scaling-stroke"
              />
            </svg>
          </dd>
          <dd className="figures text-right">{figureText(carriesNm, "N·m", units)}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Standard parts between, with their order codes. */
function inSeries(fitUp: FitUpPicture["fitUp"]): string {
  const made = [fitUp?.bracket?.made, fitUp?.coupling?.made].flatMap((made) => made ?? []);
  return made.length === 0
    ? ""
    : `Standard parts: ${made.map(({ maker, item }) => `${maker} ${item}`).join(" and ")}.`;
}

/** Valve, bracket, coupling and actuator from the side, and the capacity of each joint. */
const StackPicture = memo(function StackPicture({ detail }: { detail: CandidateDetail }) {
  const units = useUnits();
  const { fitUp: picture, candidate } = detail;
  const { fitUp } = picture;
  const nm = (value: number) => figureText(value, "N·m", units);
  const joint = candidate.findings.find((f) => f.rule === "fit-up/joint");
  return (
    <div className="grid h-full grid-cols-[minmax(0,38%)_minmax(0,1fr)] items-center gap-6">
      <Elevation picture={picture} />
      <div className="grid min-w-0 gap-2 overflow-y-auto">
        {fitUp === null ? (
          <p>
            {candidate.drive === null
              ? "None: the actuator is selected elsewhere."
              : "Rising stem: its nut belongs to the valve."}
          </p>
        ) : (
          <>
            <p>
              {joint?.says} <span className="text-dim">Peak output torque {nm(picture.peakNm!)}.</span>
            </p>
            <Members detail={detail} />
            <p className="text-dim">
              {fitUp.moment &&
                `${figureText(candidate.drive!.weightKg + fitUp.betweenKg, "kg", units)} give a moment of ${nm(fitUp.moment.momentNm)} on a pad with a limit of ${nm(fitUp.moment.limitNm)}. `}
              {fitUp.price > 0 && `Mounting parts cost about ${figure(fitUp.price)}, included in the price.`}
            </p>
          </>
        )}
        <p className="text-[12px] text-dim">
          {inSeries(fitUp)} Made-to-order parts are an estimate until checked. Pads by ISO 5211, indicative.
        </p>
      </div>
    </div>
  );
});

export default StackPicture;
