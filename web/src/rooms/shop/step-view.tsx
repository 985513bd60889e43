import { figureText } from "@proven-seat/core/basis/units";
import type { Said, ShopStep, StepState } from "@proven-seat/core/outcome/shop";
import { stageTitles } from "@proven-seat/core/outcome/shop";
import { useUnits } from "../../app/reading.ts";
import { hour } from "../../parts/dates.ts";
import { figureClass } from "../../parts/figure-class.ts";
import { BoltingAsFound } from "./bolting-as-found.tsx";
import { Measured } from "./job/measured.tsx";
import { PicturesTaken } from "./job/pictures-taken.tsx";
import { Remarks } from "./job/remarks.tsx";

/** One step of a plan, large enough for a bench and gloves, with its entries. */
export function StepView({
  step,
  name,
  index,
  count,
  state,
  tagId,
  job,
  closed,
  onSay,
}: {
  step: ShopStep;
  /** Its key among the steps. */
  name: string;
  index: number;
  count: number;
  state: StepState;
  tagId: string;
  /** Null where no job is started. */
  job: string | null;
  /** The job is finished: no more entries. */
  closed: boolean;
  onSay: (said: Said) => boolean;
}) {
  const units = useUnits();
  return (
    <article aria-label={`Step ${index + 1} of ${count}`} className="grid content-start gap-4 text-[18px]">
      <p className="text-[14px] text-dim">
        {stageTitles[step.stage]} · step <span className="figures">{index + 1}</span> of{" "}
        <span className="figures">{count}</span>
        {state.ticked && ` · done by ${state.ticked.who}, ${hour(state.ticked.at)}`}
      </p>
      <h2 className="text-[26px] leading-8 font-semibold">{step.does}</h2>
      {step.cautions.length > 0 && (
        <ul aria-label="Cautions" className="grid gap-2 border-l-4 border-tight pl-4">
          {step.cautions.map((caution) => (
            <li key={caution}>
              <strong>Caution.</strong> {caution}
            </li>
          ))}
        </ul>
      )}
      {step.figures.length > 0 && (
        <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
          {step.figures.map(({ what, value, unit }) => (
            <div key={what} className="contents">
              <dt className="text-dim">{what}</dt>
              <dd className={`${figureClass(value)} text-[18px]`}>{figureText(value, unit, units)}</dd>
            </div>
          ))}
        </dl>
      )}
      {step.toFind && (
        <BoltingAsFound toFind={step.toFind} step={name} tagId={tagId} closed={closed} onSay={onSay} />
      )}
      {step.measures.length > 0 && (
        <ul aria-label="Measure" className="grid gap-1">
          {step.measures.map((measure) => (
            <Measured
              key={measure.what}
              measure={measure}
              read={state.readings.find(({ what }) => what === measure.what) ?? null}
              closed={closed}
              onRead={(value) => onSay({ kind: "reading", step: name, what: measure.what, value })}
            />
          ))}
        </ul>
      )}
      {step.look.length > 0 && (
        <ul aria-label="Inspect" className="grid gap-1">
          {step.look.map((remark) => (
            <li key={remark} className="flex gap-2">
              <span aria-hidden className="text-dim">
                ·
              </span>
              {remark}
            </li>
          ))}
        </ul>
      )}
      {step.renew === "always" && <p className="text-dim">Always renew.</p>}
      <Remarks step={name} remarks={state.remarks} closed={closed} onSay={onSay} />
      <PicturesTaken
        step={name}
        pictures={state.pictures}
        tagId={tagId}
        job={job}
        closed={closed}
        onSay={onSay}
      />
    </article>
  );
}
