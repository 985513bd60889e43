import type { Measure, ShopStep } from "@proven-seat/core/shop";
import { figureText, type Reading } from "@proven-seat/core/units";
import { useUnits } from "../../app/reading.ts";

function between({ least, most, unit }: Measure, units: Reading): string {
  const text = (value: number) => figureText(value, unit, units);
  if (least !== null && most !== null)
    return least === most ? text(least) : `${text(least)} to ${text(most)}`;
  return least !== null ? `at least ${text(least)}` : `at most ${text(most!)}`;
}

/** One step of a plan, large enough for a bench and gloves. */
export function StepView({ of, at, all }: { of: ShopStep; at: number; all: number }) {
  const units = useUnits();
  return (
    <article aria-label={`Step ${at + 1} of ${all}`} className="grid content-start gap-4 text-[18px]">
      <p className="text-[14px] text-dim">
        {of.stage} · step <span className="figures">{at + 1}</span> of <span className="figures">{all}</span>
      </p>
      <h2 className="text-[26px] leading-8 font-semibold">{of.does}</h2>
      {of.cautions.length > 0 && (
        <ul aria-label="Cautions" className="grid gap-2 border-l-4 border-tight pl-4">
          {of.cautions.map((caution) => (
            <li key={caution}>
              <strong>Caution.</strong> {caution}
            </li>
          ))}
        </ul>
      )}
      {of.figures.length > 0 && (
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          {of.figures.map(({ what, value, unit }) => (
            <div key={what} className="contents">
              <dt className="text-dim">{what}</dt>
              <dd className="figures text-[18px]">{figureText(value, unit, units)}</dd>
            </div>
          ))}
        </dl>
      )}
      {of.measures.length > 0 && (
        <ul aria-label="Measure" className="grid gap-1">
          {of.measures.map((measure) => (
            <li key={measure.what}>
              <span className="text-dim">Measure {measure.what}: </span>
              <span className="figures text-[18px]">{between(measure, units)}</span>
              <span className="text-[14px] text-dim"> ({measure.source})</span>
            </li>
          ))}
        </ul>
      )}
      {of.look.length > 0 && (
        <ul aria-label="Look at" className="grid gap-1">
          {of.look.map((one) => (
            <li key={one} className="flex gap-2">
              <span aria-hidden className="text-dim">
                ·
              </span>
              {one}
            </li>
          ))}
        </ul>
      )}
      {of.renew === "always" && <p className="text-dim">Renewed whenever it is out.</p>}
    </article>
  );
}
