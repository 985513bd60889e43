import { inSystem, type Reading } from "@proven-seat/core/basis/units";
import { judgeReading, limitsText, type Measure, type Reading as Read } from "@proven-seat/core/outcome/shop";
import { useState } from "react";
import { useUnits } from "../../../app/reading.ts";
import { readNumber } from "../../../parts/read-number.ts";

/** A value in the reader's unit as one in the measure's own: all units are linear. */
function inOwn(shown: number, unit: Measure["unit"], units: Reading): number {
  const [zero, single] = [inSystem(0, unit, units).value, inSystem(1, unit, units).value];
  return (shown - zero) / (single - zero);
}

const verdicts = {
  within: { says: "within limits", looks: "text-holds" },
  below: { says: "below the limit: do not use the part as it is", looks: "font-semibold text-fails" },
  above: { says: "above the limit: do not use the part as it is", looks: "font-semibold text-fails" },
} as const;

/** A measure with its limits and readings: judged while it is typed. */
export function Measured({
  measure,
  read,
  closed,
  onRead,
}: {
  measure: Measure;
  read: Read | null;
  closed: boolean;
  onRead: (value: number) => boolean;
}) {
  const units = useUnits();
  const [typed, setTyped] = useState<string | null>(null);
  const { unit } = inSystem(0, measure.unit, units);
  const value = typed === null ? null : readNumber(typed, unit);
  const wrong = value !== null && !Number.isFinite(value);
  const shown =
    read === null ? "" : String(Number(inSystem(read.value, measure.unit, units).value.toPrecision(6)));
  const keep = () => {
    if (typed === null || wrong) return;
    if (value !== null && typed !== shown && !onRead(inOwn(value, measure.unit, units))) return;
    setTyped(null);
  };
  const bounded = measure.least !== null || measure.most !== null;
  const verdict = read && bounded ? verdicts[judgeReading(read.value, measure)] : null;
  const source = <span className="text-[14px] text-dim"> ({measure.source})</span>;
  const inUnit = (words: string) => (unit === "" ? words : `${words}, ${unit}`);
  return (
    <li className="grid gap-1">
      {bounded && (
        <span>
          <span className="text-dim">Measure {measure.what}: </span>
          <span className="figures text-[18px]">{limitsText(measure, units)}</span>
          {source}
        </span>
      )}
      <span className="flex flex-wrap items-center gap-2">
        <label className={`flex items-center gap-2 ${bounded ? "" : "w-full justify-between"}`}>
          <span className="text-dim">
            {bounded ? inUnit("measured") : `Measure ${inUnit(measure.what)}`}
            {!bounded && source}
          </span>
          <input
            className="field figures min-h-11 border border-rule px-2 w-28 shrink-0 text-right text-[18px]"
            inputMode="decimal"
            autoComplete="off"
            disabled={closed}
            aria-invalid={wrong}
            value={typed ?? shown}
            placeholder="–"
            onChange={(e) => setTyped(e.target.value)}
            onBlur={keep}
            onKeyDown={(e) => e.key === "Enter" && keep()}
          />
        </label>
        {wrong && (
          <span role="alert" className="text-fails">
            {unit === "" ? "Type a number." : `Type a number in ${unit}.`}
          </span>
        )}
        {!wrong && verdict && <span className={verdict.looks}>{verdict.says}</span>}
        {read && <span className="text-[14px] text-dim">{read.who}</span>}
      </span>
    </li>
  );
}
