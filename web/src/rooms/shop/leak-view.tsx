import type { CheckShown, LeakPicture, LeakPlace, Ranked } from "@proven-seat/core/outcome/shop";
import { Scroll } from "../../parts/scroll.tsx";
import type { SectionData } from "../../workers/views.ts";
import { LeakRate, type LeakRateMeasured } from "./leak-rate.tsx";
import { LeakSection } from "./leak-section.tsx";

const nothing = () => undefined;
const percent = (share: number) => `${share > 0 && share < 0.005 ? "<1" : Math.round(100 * share)} %`;

/** Where it shows: the first thing that is asked. */
export function LeakPlaces({
  section,
  onPick,
}: {
  section: SectionData;
  onPick: (place: LeakPlace) => void;
}) {
  const places: readonly (readonly [LeakPlace, string, string])[] = [
    ["outside", "Leak to the outside", "At the stem, a joint, a fitting, a flange or the body wall."],
    ["through the valve", "Leak through the closed valve", "Pressure or flow downstream or at the vent."],
  ];
  return (
    <Scroll label="Where it leaks" className="min-h-0">
      <div className="grid gap-6 p-6 lg:grid-cols-2">
        <section aria-label="Where it leaks" className="grid content-start gap-4">
          <h2 className="text-[26px] font-semibold">Where does the leak show?</h2>
          {places.map(([place, name, says]) => (
            <button
              key={place}
              type="button"
              className="min-h-16 border border-rule px-4 py-3 text-left hover:bg-second"
              onClick={() => onPick(place)}
            >
              <span className="block text-[18px] font-semibold">{name}</span>
              <span className="text-dim">{says}</span>
            </button>
          ))}
          <p className="text-dim">
            Or press the leaking joint: brown for leaks to the outside, red for leaks through the valve.
          </p>
        </section>
        <LeakSection data={section} traced={null} onPick={onPick} />
      </div>
    </Scroll>
  );
}

function NextCheck({ check, onAnswer }: { check: CheckShown; onAnswer: (answer: string) => void }) {
  return (
    <section aria-label="Next check" className="grid gap-3">
      <p className="text-[14px] text-dim">
        most useful next check · about <span className="figures">{check.effortMin}</span> minutes
      </p>
      <h2 className="text-[26px] leading-8 font-semibold">{check.asks}</h2>
      {check.caution && (
        <p className="border-l-4 border-tight pl-4 text-[18px]">
          <strong>Caution.</strong> {check.caution}
        </p>
      )}
      <div className="flex flex-wrap gap-3">
        {check.answers.map((answer) => (
          <button key={answer} type="button" className="act min-h-11 px-4" onClick={() => onAnswer(answer)}>
            {answer}
          </button>
        ))}
      </div>
    </section>
  );
}

function Causes({ ranked }: { ranked: readonly Ranked[] }) {
  const [best] = ranked;
  return (
    <section aria-label="Possible causes" className="grid content-start gap-2">
      <h2 className="font-semibold">Possible causes</h2>
      <ol className="grid gap-1">
        {ranked.map(({ id, name, probability }) => (
          <li key={id} className="grid grid-cols-[3rem_minmax(0,1fr)] items-center gap-2">
            <span className="figures text-right">{percent(probability)}</span>
            <span className="relative px-2 py-0.5">
              <span
                aria-hidden
                className="absolute inset-y-0 left-0 bg-second"
                style={{ width: `${100 * probability}%` }}
              />
              <span className="relative">{name}</span>
            </span>
          </li>
        ))}
      </ol>
      {best && (
        <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
          <dt className="text-dim">now</dt>
          <dd>{best.now}</dd>
          <dt className="text-dim">next stop</dt>
          <dd>{best.next}</dd>
        </dl>
      )}
    </section>
  );
}

function Ways({ picture }: { picture: LeakPicture }) {
  const [best] = picture.ranked;
  return (
    <section aria-label="Leak paths" className="grid content-start gap-1">
      <h2 className="font-semibold">Possible leak paths</h2>
      <ul className="grid gap-1">
        {picture.ways.map((way) => (
          <li key={way.map(({ id }) => id).join()} className="flex flex-wrap items-center gap-1">
            {way.map(({ id, name, seals }, i) => (
              <span key={id} className="flex items-center gap-1">
                {i > 0 && <span aria-hidden>→</span>}
                <span
                  title={seals.join(", then ")}
                  className={`border px-1 ${id === best?.joint ? "border-ink font-semibold" : "border-rule text-dim"}`}
                >
                  {name}
                </span>
              </span>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Effect of each answer on the likeliest causes. */
function Reasoning({ picture }: { picture: LeakPicture }) {
  if (picture.reasoning.length === 0) return null;
  const named = new Map(picture.ranked.map(({ id, name }) => [id, name]));
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">Effect of each answer</summary>
      <ol className="grid gap-2">
        {picture.reasoning.map(({ check, asks, answer, before, after }) => (
          <li key={check}>
            <p>
              <span className="text-dim">{asks}</span> <strong>{answer}</strong>
            </p>
            <ul className="text-dim">
              {Object.entries(after)
                .sort(([, a], [, b]) => b - a)
                .slice(0, 3)
                .map(([id, share]) => (
                  <li key={id}>
                    {named.get(id)}: <span className="figures">{percent(before[id]!)}</span> →{" "}
                    <span className="figures text-ink">{percent(share)}</span>
                  </li>
                ))}
            </ul>
          </li>
        ))}
      </ol>
    </details>
  );
}

/** Tracing a leak: the next check in large type, the causes beside it. */
export function LeakView({
  picture,
  section,
  rate,
  onRate,
  onAnswer,
  onUndo,
  onFinish,
  onDrop,
  closed = false,
}: {
  picture: LeakPicture;
  section: SectionData;
  rate: LeakRateMeasured;
  onRate: (rate: NonNullable<LeakRateMeasured>) => void;
  onAnswer: (check: string, answer: string) => void;
  onUndo: () => void;
  onFinish: () => void;
  onDrop: () => void;
  /** The trace is finished: nothing more is answered. */
  closed?: boolean;
}) {
  const [next, ...others] = picture.proposed;
  return (
    <Scroll label="Leak" className="min-h-0">
      <div className="grid gap-6 p-6 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1fr)]">
        <div className="grid content-start gap-4">
          {picture.outOfService && (
            <p role="alert" className="border-l-4 border-fails pl-4 text-[18px] font-semibold">
              {picture.outOfService}
            </p>
          )}
          {closed ? (
            <h2 className="text-[26px] font-semibold">This trace is finished.</h2>
          ) : next ? (
            <NextCheck check={next} onAnswer={(answer) => onAnswer(next.id, answer)} />
          ) : (
            <h2 className="text-[26px] font-semibold">No further checks are possible from outside.</h2>
          )}
          {picture.contradictions.map((says) => (
            <p key={says} role="alert" className="border-l-4 border-tight pl-4">
              {says}
            </p>
          ))}
          <div className="flex gap-3">
            <button
              type="button"
              className="act min-h-11 px-4"
              disabled={closed || picture.reasoning.length === 0}
              onClick={onUndo}
            >
              Undo the last answer
            </button>
            {!closed && (
              <button type="button" className="quiet min-h-11 px-2" onClick={onFinish}>
                Finish the trace
              </button>
            )}
            <button type="button" className="quiet min-h-11 px-2" onClick={onDrop}>
              another leak
            </button>
          </div>
          <LeakSection data={section} traced={picture} onPick={nothing} />
          {!closed && others.length > 0 && (
            <details>
              <summary className="min-h-11 cursor-pointer py-2 font-semibold">Other checks</summary>
              <div className="grid gap-6">
                {others.map((check) => (
                  <NextCheck key={check.id} check={check} onAnswer={(answer) => onAnswer(check.id, answer)} />
                ))}
              </div>
            </details>
          )}
          <Reasoning picture={picture} />
        </div>
        <div className="grid content-start gap-6">
          <Causes ranked={picture.ranked} />
          {picture.allowed && <LeakRate allowed={picture.allowed} rate={rate} onRate={onRate} />}
          <Ways picture={picture} />
          <p className="text-[12px] text-dim">
            Probabilities are indicative, from usual findings. The trace is kept with the tag.
          </p>
        </div>
      </div>
    </Scroll>
  );
}
