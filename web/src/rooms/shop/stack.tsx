import { figureText, type Reading } from "@proven-seat/core/basis/units";
import type { Correction, SeatChain, StackAssessment } from "@proven-seat/core/outcome/shop";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { Notice } from "../../parts/notice.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/bench-view.ts";
import { sizesIn, useChains } from "./chains.ts";
import { Links } from "./stack-links.tsx";
import { ChainDrawn, Histogram } from "./stack-picture.tsx";
import { TakenFromJob } from "./stack-taken.tsx";
import { valveWords } from "./valve-words.ts";

const chance = (p: number) => (p > 0 && p < 0.001 ? "below 0.1 %" : `${(100 * p).toFixed(1)} %`);

const correction = ({ name, byMm, because }: Correction, mm: (value: number) => string) =>
  `${name}: ${mm(Math.abs(Number(byMm.toPrecision(3))))} ${byMm > 0 ? "more" : "less"}, ${
    because === "outside limits" ? "outside its limits" : "gives the mean load"
  }`;

function Outcome({ assessment, units }: { assessment: StackAssessment; units: Reading }) {
  const mm = (value: number) => figureText(value, "mm", units);
  const newtons = (value: number) => figureText(Math.round(value), "N", units);
  const rows: readonly (readonly [string, string, boolean?])[] = [
    ["compression", mm(assessment.meanMm)],
    ["worst case", `${mm(assessment.worstMinimumMm)} to ${mm(assessment.worstMaximumMm)}`],
    ["nearly always (3σ)", `${mm(assessment.rssMinimumMm)} to ${mm(assessment.rssMaximumMm)}`],
    ["load", newtons(assessment.loadAtMeanN)],
    [
      assessment.driveBearsLess ? "limit of the actuator, estimated" : "limit of seat or springs",
      newtons(assessment.mostLoadN),
    ],
    ["probability of a loose seat", chance(assessment.probabilityLoose), assessment.probabilityLoose > 0.01],
    [
      "probability of over-compression",
      chance(assessment.probabilityOver),
      assessment.probabilityOver > 0.01,
    ],
    ...(assessment.worstLink === null ? [] : [["measure first", assessment.worstLink] as const]),
    ...(assessment.correct === null ? [] : [["correct", correction(assessment.correct, mm)] as const]),
  ];
  return (
    <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
      {rows.map(([what, value, bad]) => (
        <div key={what} className="contents">
          <dt className="text-dim">{what}</dt>
          <dd className={`figures ${bad ? "font-semibold text-fails" : ""}`}>{value}</dd>
        </div>
      ))}
    </dl>
  );
}

/** Example sizes of a stock, before the user types the real ones. */
const about = (mm: number) =>
  [-0.2, -0.1, 0, 0.1, 0.2]
    .map((by) => Number((mm + by).toFixed(2)))
    .filter((size) => size > 0)
    .join(" ");
const pickedOf = ({ links }: SeatChain) => links.find(({ picked }) => picked);

function Assessed({ tagId, view, made }: { tagId: string; view: BenchView; made: SeatChain }) {
  const { valve } = view.selected!.candidate;
  const name = `${tagId} ${valve.key}`;
  const kept = useChains((s) => s.chains[name]);
  const { keep, drop } = useChains.getState();
  const units = useUnits();
  const chain = kept?.chain ?? made;
  const stock = kept?.stock ?? about(pickedOf(made)?.nominalMm ?? 0.5);
  const sizes = sizesIn(stock);
  const { answer, failure } = useAnswer(view.proof, "stack", [
    view.selected!.candidate.key,
    chain,
    sizes ?? [],
  ]);
  return (
    <Scroll label="Seat stack" className="min-h-0">
      <div className="grid gap-6 p-6 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
        <div className="grid content-start gap-4">
          <h2 className="text-[20px] font-semibold">Parts that load the seat</h2>
          <p className="text-dim">
            Estimated from the catalogue. Replace these values with the maker's drawing and enter the measured
            values.
          </p>
          <Links
            chain={chain}
            onChain={(next) => {
              const [was, is] = [pickedOf(chain), pickedOf(next)];
              // Sizes of a shim say nothing of a seat.
              keep(name, next, is && is.name !== was?.name ? about(is.measuredMm ?? is.nominalMm) : stock);
            }}
          />
          <TakenFromJob
            tagId={tagId}
            valve={valveWords(valve)}
            chain={chain}
            onChain={(next) => keep(name, next, stock)}
          />
          <label className="grid gap-1">
            <span className="text-dim">stock sizes of the selected part, mm</span>
            <input
              className="field figures min-h-11"
              aria-invalid={sizes === null}
              value={stock}
              onChange={(e) => keep(name, chain, e.target.value)}
            />
            {sizes === null && (
              <span role="alert" className="text-fails">
                Sizes in millimetres, separated by spaces.
              </span>
            )}
          </label>
          <button
            type="button"
            className="quiet min-h-11 justify-self-start px-2"
            disabled={kept === undefined}
            onClick={() => drop(name)}
          >
            use the estimate
          </button>
        </div>
        <div className="grid content-start gap-4">
          <ChainDrawn chain={chain} />
          {failure && (
            <p role="alert" className="text-fails">
              The stack could not be calculated: {failure}
            </p>
          )}
          {answer && (
            <>
              <Histogram assessment={answer} mostMm={answer.mostLoadN / chain.stiffnessNPerMm} />
              <Outcome assessment={answer} units={units} />
              {answer.stock.length > 0 && (
                <section aria-label="Parts in stock" className="grid gap-1">
                  <h3 className="font-semibold">From stock, nearest first</h3>
                  <ol className="grid gap-1">
                    {answer.stock
                      .slice(0, 4)
                      .map(({ sizeMm, loadAtMeanN, probabilityLoose, probabilityOver }) => (
                        <li key={sizeMm} className="flex gap-3">
                          <span className="figures w-16 text-right">{figureText(sizeMm, "mm", units)}</span>
                          <span className="figures w-24 text-right">
                            {figureText(Math.round(loadAtMeanN), "N", units)}
                          </span>
                          <span className="text-dim">
                            loose {chance(probabilityLoose)}, over {chance(probabilityOver)}
                          </span>
                        </li>
                      ))}
                  </ol>
                </section>
              )}
            </>
          )}
        </div>
      </div>
    </Scroll>
  );
}

/** The chain of dimensions that presses the seat of a tag's valve. */
export function Stack({ tagId, view }: { tagId: string; view: BenchView }) {
  const { candidate } = view.selected!;
  const { answer: made, failure } = useAnswer(view.proof, "chain", [candidate.key]);
  if (failure) return <Notice title="The chain could not be made">{failure}</Notice>;
  if (made === undefined) return <Notice title="Calculating …" />;
  if (made === null)
    return (
      <Notice title="No chain of dimensions loads this seat">
        Torque or sealant loads it, or it has clearance. There is nothing to shim.
      </Notice>
    );
  return <Assessed tagId={tagId} view={view} made={made} />;
}
