import { figure } from "@proven-seat/core/basis/units";
import { type Allowed, timesAllowed } from "@proven-seat/core/outcome/shop";
import { useState } from "react";
import { readNumber } from "../../parts/read-number.ts";

/** Measured leak and its medium; null where nothing was measured. */
export type LeakRateMeasured = { readonly mlMin: number; readonly of: "liquid" | "gas" } | null;

/** Measured leak against the allowance of the class. */
export function LeakRate({
  allowed,
  rate,
  onRate,
}: {
  allowed: Allowed;
  rate: LeakRateMeasured;
  onRate: (rate: NonNullable<LeakRateMeasured>) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const rateMedium = rate?.of ?? "liquid";
  const may = rateMedium === "liquid" ? allowed.liquidMlMin : allowed.gasMlMin;
  const value = typed === null ? null : readNumber(typed);
  const wrong = value !== null && !(value >= 0 && value < 1e9);
  // Recorded when complete, because each recorded value stays.
  const keep = () => {
    if (wrong) return;
    if (value !== null && value !== rate?.mlMin) onRate({ mlMin: value, of: rateMedium });
    setTyped(null);
  };
  const times = rate && may !== null ? timesAllowed(rate.mlMin, may) : null;
  return (
    <section aria-label="Leak rate" className="grid gap-1">
      <h2 className="font-semibold">Permitted leakage</h2>
      <p>
        {allowed.asked.startsWith("class ") ? "Class" : "Rate"} {allowed.asked.replace("class ", "")},{" "}
        {allowed.byDuty ? "as required" : "as stated by the maker"}, on its test:{" "}
        <span className="figures">
          {Object.entries({ liquid: allowed.liquidMlMin, gas: allowed.gasMlMin })
            .map(([medium, mlMin]) => (mlMin === null ? null : `${figure(mlMin)} ml/min of ${medium}`))
            .filter((value) => value !== null)
            .join(", ")}
        </span>
      </p>
      <div className="flex items-center gap-2">
        <label className="flex items-center gap-2">
          <span className="text-dim">measured, ml/min</span>
          <input
            className="field figures min-h-11 border border-rule px-2 w-28 text-right"
            inputMode="decimal"
            autoComplete="off"
            aria-invalid={wrong}
            value={typed ?? (rate === null ? "" : String(rate.mlMin))}
            placeholder="–"
            onChange={(e) => setTyped(e.target.value)}
            onBlur={keep}
            onKeyDown={(e) => e.key === "Enter" && keep()}
          />
        </label>
        {(["liquid", "gas"] as const).map((medium) => (
          <button
            key={medium}
            type="button"
            className={`min-h-11 border px-3 ${rateMedium === medium ? "border-ink bg-second" : "border-rule text-dim"}`}
            aria-pressed={rateMedium === medium}
            onClick={() => onRate({ mlMin: rate?.mlMin ?? 0, of: medium })}
          >
            {medium}
          </button>
        ))}
      </div>
      {wrong && (
        <p role="alert" className="text-fails">
          Type millilitres per minute, 0 or more.
        </p>
      )}
      {rate !== null && may === null && (
        <p className="text-dim">
          The test does not use {rateMedium}: measure with {rateMedium === "gas" ? "liquid" : "gas"} to
          compare.
        </p>
      )}
      {times !== null && (
        <p className={times > 1 ? "font-semibold text-fails" : ""}>
          {times > 1
            ? `${Number.isFinite(times) ? `${figure(times)} times` : "More than"} the permitted leakage.`
            : "Within the permitted leakage."}
        </p>
      )}
    </section>
  );
}
