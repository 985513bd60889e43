import type { ChainLink, SeatChain, StackAssessment } from "@proven-seat/core/shop";
import { convertUnit, figureText, parseQuantity, type Reading, shownUnit } from "@proven-seat/core/units";
import { useState } from "react";
import { useUnits } from "../../app/reading.ts";
import { useAnswer } from "../../bench/answers.ts";
import { Notice } from "../../parts/notice.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import type { BenchView } from "../../workers/views.ts";
import { sizesIn, useChains } from "./chains.ts";
import { ChainDrawn, Histogram } from "./stack-picture.tsx";

/** Six digits tell a hundredth of a millimetre in inches. */
const shown = (mm: number, unit: string) =>
  String(Number(convertUnit(mm, "length", "mm", unit).toPrecision(6)));

/** A length in the reader's unit as it is typed, or with another unit behind it; what is none stays and is said. */
function Length({
  label,
  value,
  mayBeBlank = false,
  onValue,
}: {
  label: string;
  value: number | null;
  mayBeBlank?: boolean;
  onValue: (mm: number | null) => void;
}) {
  const unit = shownUnit("length", useUnits());
  const [typed, setTyped] = useState<string | null>(null);
  const read = (text: string) =>
    text.trim() === "" ? null : (parseQuantity(text, "length", unit) ?? Number.NaN);
  const bad = (mm: number | null) => (mm === null ? !mayBeBlank : !(mm >= 0 && mm < 10_000));
  const wrong = typed !== null && bad(read(typed));
  return (
    <input
      className="field figures min-h-11 w-full text-right"
      aria-label={label}
      aria-invalid={wrong}
      title={wrong ? `Type a length in ${unit}, 0 or more.` : undefined}
      inputMode="decimal"
      autoComplete="off"
      value={typed ?? (value === null ? "" : shown(value, unit))}
      placeholder="–"
      onChange={(e) => {
        setTyped(e.target.value);
        const mm = read(e.target.value);
        if (!bad(mm)) onValue(mm);
      }}
      onBlur={() => !wrong && setTyped(null)}
    />
  );
}

/** Links of a chain to be written over, or measured. */
export function Links({ chain, onChain }: { chain: SeatChain; onChain: (chain: SeatChain) => void }) {
  const change = (at: number, to: Partial<ChainLink>) =>
    onChain({ ...chain, links: chain.links.map((one, i) => (i === at ? { ...one, ...to } : one)) });
  const unit = shownUnit("length", useUnits());
  return (
    <table className="w-full border-collapse">
      <caption className="sr-only">Links of the chain, {unit}</caption>
      <thead className="text-[12px] text-dim">
        <tr className="border-b border-rule">
          <th className="text-left font-normal">link, {unit}</th>
          <th className="w-6 font-normal">
            <span className="sr-only">sense</span>
          </th>
          {["nominal", "plus", "minus", "measured"].map((name) => (
            <th key={name} className="w-20 text-right font-normal">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {chain.links.map((one, at) => (
          <tr key={one.name} className="border-b border-rule/60">
            <td>
              {one.name}
              {one.picked && <span className="text-dim"> (picked)</span>}
            </td>
            <td className="figures text-center">{one.sense > 0 ? "+" : "−"}</td>
            <td>
              <Length
                label={`${one.name}, nominal`}
                value={one.nominalMm}
                onValue={(mm) => change(at, { nominalMm: mm! })}
              />
            </td>
            <td>
              <Length
                label={`${one.name}, plus`}
                value={one.plusMm}
                onValue={(mm) => change(at, { plusMm: mm! })}
              />
            </td>
            <td>
              <Length
                label={`${one.name}, minus`}
                value={one.minusMm}
                onValue={(mm) => change(at, { minusMm: mm! })}
              />
            </td>
            <td>
              <Length
                label={`${one.name}, measured`}
                value={one.measuredMm}
                mayBeBlank
                onValue={(measuredMm) => change(at, { measuredMm })}
              />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

const chance = (p: number) => (p > 0 && p < 0.001 ? "below 0.1 %" : `${(100 * p).toFixed(1)} %`);

function Outcome({ of, units }: { of: StackAssessment; units: Reading }) {
  const mm = (value: number) => figureText(value, "mm", units);
  const newtons = (value: number) => figureText(Math.round(value), "N", units);
  const rows: readonly (readonly [string, string, boolean?])[] = [
    ["compression", mm(of.meanMm)],
    ["at the worst", `${mm(of.worstMinimumMm)} to ${mm(of.worstMaximumMm)}`],
    ["nearly always (3σ)", `${mm(of.rssMinimumMm)} to ${mm(of.rssMaximumMm)}`],
    ["load", `${newtons(of.loadAtMeanN)}, at most ${newtons(of.mostLoadN)}`],
    ["chance of a loose seat", chance(of.probabilityLoose), of.probabilityLoose > 0.01],
    ["chance of an over-compressed one", chance(of.probabilityOver), of.probabilityOver > 0.01],
    ...(of.worstLink === null ? [] : [["measure first", of.worstLink] as const]),
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

function Assessed({ view, name, made }: { view: BenchView; name: string; made: SeatChain }) {
  const kept = useChains((s) => s.chains[name]);
  const { keep, drop } = useChains.getState();
  const units = useUnits();
  const chain = kept?.chain ?? made;
  const stock = kept?.stock ?? "0.3 0.4 0.5 0.6 0.7";
  const sizes = sizesIn(stock);
  const { answer } = useAnswer(view.proof, "stack", [chain, sizes ?? []]);
  return (
    <Scroll label="Seat stack" className="min-h-0">
      <div className="grid gap-6 p-6 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
        <div className="grid content-start gap-4">
          <h2 className="text-[20px] font-semibold">What presses the seat</h2>
          <p className="text-dim">
            Estimated from the catalogue: write the maker's drawing over it, and what was measured beside it.
          </p>
          <Links chain={chain} onChain={(next) => keep(name, next, stock)} />
          <label className="grid gap-1">
            <span className="text-dim">sizes in stock of the picked part, mm</span>
            <input
              className="field figures min-h-11"
              aria-invalid={sizes === null}
              value={stock}
              onChange={(e) => keep(name, chain, e.target.value)}
            />
            {sizes === null && (
              <span role="alert" className="text-fails">
                Sizes in millimetres, parted by blanks.
              </span>
            )}
          </label>
          <button
            type="button"
            className="quiet min-h-11 justify-self-start px-2"
            disabled={kept === undefined}
            onClick={() => drop(name)}
          >
            back to the estimate
          </button>
        </div>
        <div className="grid content-start gap-4">
          <ChainDrawn chain={chain} />
          {answer && (
            <>
              <Histogram of={answer} mostMm={chain.mostLoadN / chain.stiffnessNPerMm} />
              <Outcome of={answer} units={units} />
              {answer.stock.length > 0 && (
                <section aria-label="Parts in stock" className="grid gap-1">
                  <h3 className="font-semibold">Out of the stock, the nearest first</h3>
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
  const { candidate } = view.inHand!;
  const { answer: made, failure } = useAnswer(view.proof, "chain", [candidate.key]);
  if (failure) return <Notice title="The chain could not be made">{failure}</Notice>;
  if (made === undefined) return <Notice title="Measuring …" />;
  if (made === null)
    return (
      <Notice title="No chain of its body presses this seat">
        Torque or sealant does, or it does not touch: there is nothing to shim.
      </Notice>
    );
  return <Assessed view={view} name={`${tagId} ${candidate.valve.key}`} made={made} />;
}
