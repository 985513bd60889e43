import { figureText } from "@proven-seat/core/basis/units";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import { BoreMark } from "../../parts/bore-mark.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { CandidateDetail } from "../../workers/views.ts";

/** Properties of the arrangement of seats and cavity, with the findings on it. */
export const CavityFacts = memo(function CavityFacts({ detail }: { detail: CandidateDetail }) {
  const units = useUnits();
  const { cavity, strengths, limits, leakPaths } = detail.section;
  const trapped = detail.candidate.findings.find((f) => f.rule === "envelope/trapped-cavity");
  const relief = detail.candidate.findings.find((f) => f.rule === "body/double-piston-relief");
  const barriers = (n: number) => (n === 0 ? "none" : n === 1 ? "one" : "two");
  return (
    <Scroll label="Cavity and leak paths" className="grid h-full content-start gap-2 pt-2 pr-1 text-[12px]">
      <div>
        <h3>Cavity: {cavity.name}</h3>
        <p>{cavity.says}</p>
        <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-3">
          <dt className="text-dim">barriers</dt>
          <dd>
            {barriers(cavity.barriers.forward)} against pressure from upstream,{" "}
            {barriers(cavity.barriers.reverse)} from downstream
          </dd>
          <dt className="text-dim">block and bleed</dt>
          <dd>{cavity.blockAndBleed ? "each seat holds its own side while the cavity is bled" : "no"}</dd>
          {cavity.id !== "none" && (
            <>
              <dt className="text-dim">relieves to</dt>
              <dd>{cavity.relievesTo}</dd>
            </>
          )}
          {trapped && trapped.verdict !== "not asked" && (
            <>
              <dt className="text-dim">trapped and warmed up</dt>
              <dd className="flex items-center gap-1.5">
                <BoreMark verdict={trapped.verdict} />
                <span className="figures">
                  {figureText(trapped.value, trapped.unit, units)}
                  {trapped.limit !== null && ` of ${figureText(trapped.limit, trapped.unit, units)}`}
                </span>
                {trapped.verdict === "cannot tell" && trapped.says}
              </dd>
            </>
          )}
        </dl>
        {relief && (relief.verdict === "fails" || relief.verdict === "tight") && (
          <p className="mt-1 border-l-2 border-fails pl-2">{relief.says}</p>
        )}
      </div>
      <div className="grid grid-cols-2 gap-3">
        <div>
          <h3>For</h3>
          <ul className="list-disc pl-4">
            {strengths.map((s) => (
              <li key={s}>{s}</li>
            ))}
          </ul>
        </div>
        <div>
          <h3>Against</h3>
          <ul className="list-disc pl-4">
            {limits.map((l) => (
              <li key={l}>{l}</li>
            ))}
          </ul>
        </div>
      </div>
      <div>
        <h3>Leak paths</h3>
        <ul>
          {leakPaths.map((l) => (
            <li key={l.path}>
              {l.path}{" "}
              <span className="text-dim">
                ({l.place}): {l.seals.join(", then ")}
              </span>
            </li>
          ))}
        </ul>
      </div>
      <p className="text-dim">
        The cavity of a closed valve can hold pressure and product, which can injure or kill. Depressurise,
        drain and vent the line and the cavity, in open and closed position, before you loosen anything. Never
        put a hand into a bore that can turn.
      </p>
    </Scroll>
  );
});
