import { convertUnit, parseQuantity, shownUnit } from "@proven-seat/core/basis/units";
import type { ChainLink, SeatChain } from "@proven-seat/core/outcome/shop";
import { useState } from "react";
import { useUnits } from "../../app/reading.ts";

/** Six digits tell a hundredth of a millimetre in inches. */
const shown = (mm: number, unit: string) =>
  String(Number(convertUnit(mm, "length", "mm", unit).toPrecision(6)));

/** A length in the reader's unit as typed, or with another unit; an invalid text stays, with the reason. */
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

/** A link as drawn. */
const drawn = [
  ["nominal", "nominalMm"],
  ["plus", "plusMm"],
  ["minus", "minusMm"],
] as const;

/** Links of a chain to be written over, or measured. */
export function Links({ chain, onChain }: { chain: SeatChain; onChain: (chain: SeatChain) => void }) {
  const change = (index: number, to: Partial<ChainLink>) =>
    onChain({ ...chain, links: chain.links.map((link, i) => (i === index ? { ...link, ...to } : link)) });
  const pick = (index: number) =>
    onChain({ ...chain, links: chain.links.map((link, i) => ({ ...link, picked: i === index })) });
  const unit = shownUnit("length", useUnits());
  return (
    <table className="w-full border-collapse">
      <caption className="sr-only">Links of the chain, {unit}</caption>
      <thead className="text-[12px] text-dim">
        <tr className="border-b border-rule">
          <th className="text-left font-normal">link, {unit}</th>
          <th className="w-16 font-normal">from stock</th>
          <th className="w-6 font-normal">
            <span className="sr-only">sense</span>
          </th>
          {[...drawn.map(([name]) => name), "measured"].map((name) => (
            <th key={name} className="w-20 text-right font-normal">
              {name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {chain.links.map((link, index) => (
          <tr key={link.name} className="border-b border-rule/60">
            <td>{link.name}</td>
            <td className="text-center">
              <label className="inline-grid size-11 place-items-center">
                <input
                  type="radio"
                  className="size-5 accent-current"
                  name="from-stock"
                  aria-label={`${link.name}, from stock`}
                  checked={link.picked}
                  onChange={() => pick(index)}
                />
              </label>
            </td>
            <td className="figures text-center">{link.sense > 0 ? "+" : "−"}</td>
            {drawn.map(([name, part]) => (
              <td key={part}>
                <Length
                  label={`${link.name}, ${name}`}
                  value={link[part]}
                  onValue={(mm) => change(index, { [part]: mm! })}
                />
              </td>
            ))}
            <td>
              <Length
                label={`${link.name}, measured`}
                value={link.measuredMm}
                mayBeBlank
                onValue={(measuredMm) => change(index, { measuredMm })}
              />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
