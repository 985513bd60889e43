import type { LeakPlace } from "../leak/causes.ts";
import type { Observation } from "../leak/finder.ts";
import type { Measure, ShopStep } from "../step.ts";
import type { JobEvent } from "./event.ts";

/** Person and time, by the clock of the device. */
export interface Signed {
  readonly who: string;
  readonly at: string;
}

export interface Reading extends Signed {
  readonly what: string;
  readonly value: number;
}
export interface Remark extends Signed {
  readonly kind: "note" | "deviation";
  readonly text: string;
}
export interface Picture extends Signed {
  readonly picture: string;
  readonly name: string;
}

/** Entries at one step, or for the whole job. */
export interface StepState {
  /** Who ticked it last; null where nobody did, or the tick was removed. */
  readonly ticked: Signed | null;
  /** The newest of each measure. */
  readonly readings: readonly Reading[];
  readonly remarks: readonly Remark[];
  readonly pictures: readonly Picture[];
}

/** A job as its events leave it. */
export interface JobState {
  readonly steps: ReadonlyMap<string | null, StepState>;
  readonly finished: Signed | null;
  readonly place: LeakPlace | null;
  readonly seen: readonly Observation[];
  readonly leakRate: { readonly of: "liquid" | "gas"; readonly mlMin: number } | null;
  /** Events that arrived from devices after the job was finished: they are kept and marked. */
  readonly afterwards: number;
  readonly last: Signed | null;
}

const untouched: StepState = { ticked: null, readings: [], remarks: [], pictures: [] };

/**
 * State of a step.
 *
 * @param state of the job
 * @param step its name; null for the work as a whole
 * @returns ticks, readings, remarks and pictures; empty for an untouched step
 */
export const stepState = (state: JobState, step: string | null): StepState =>
  state.steps.get(step) ?? untouched;

/** By the clocks of the devices, then by id: the same order on every device. */
const inOrder = (a: JobEvent, b: JobEvent): number =>
  Date.parse(a.at) - Date.parse(b.at) || (a.id < b.id ? -1 : 1);

/**
 * State of a job from its events.
 *
 * @param events in any order, with or without duplicates
 * @returns the same state whatever their order: the later of two that contradict each other counts
 * @source an event is never changed, so that devices agree as soon as they have the same events
 */
export function jobState(events: readonly JobEvent[]): JobState {
  const once = new Map(events.map((event) => [event.id, event]));
  const steps = new Map<string | null, StepState>();
  const change = (step: string | null, to: (cached: StepState) => StepState) =>
    steps.set(step, to(steps.get(step) ?? untouched));
  let finished: Signed | null = null;
  let place: LeakPlace | null = null;
  let seen: Observation[] = [];
  let leakRate: JobState["leakRate"] = null;
  let afterwards = 0;
  let last: Signed | null = null;
  for (const { who, at, said } of [...once.values()].sort(inOrder)) {
    const signed = { who, at };
    last = signed;
    if (finished !== null) afterwards++;
    switch (said.kind) {
      case "tick":
        change(said.step, (cached) => ({ ...cached, ticked: said.done ? signed : null }));
        break;
      case "reading": {
        const { what, value } = said;
        change(said.step, (cached) => ({
          ...cached,
          readings: [
            ...cached.readings.filter((reading) => reading.what !== what),
            { ...signed, what, value },
          ],
        }));
        break;
      }
      case "note":
      case "deviation": {
        const { kind, text } = said;
        change(said.step, (cached) => ({
          ...cached,
          remarks: [...cached.remarks, { ...signed, kind, text }],
        }));
        break;
      }
      case "picture": {
        const { picture, name } = said;
        change(said.step, (cached) => ({
          ...cached,
          pictures: [...cached.pictures, { ...signed, picture, name }],
        }));
        break;
      }
      case "place":
        place = said.place;
        seen = [];
        leakRate = null;
        break;
      case "seen":
        seen = [...seen, { check: said.check, answer: said.answer }];
        break;
      case "taken back":
        seen = seen.slice(0, -1);
        break;
      case "leak rate":
        leakRate = { of: said.of, mlMin: said.mlMin };
        break;
      case "finished":
        finished ??= signed;
        break;
    }
  }
  return { steps, finished, place, seen, leakRate, afterwards, last };
}

/**
 * Keys of steps for their entries: the words of the step, numbered where words repeat.
 *
 * @param steps of a plan
 * @returns a name for each, no two alike
 * @example stepNames([{ does: "a" }, { does: "a" }]) // → ["a","a (2)"]
 */
export function stepNames(steps: readonly Pick<ShopStep, "does">[]): string[] {
  const times = new Map<string, number>();
  return steps.map(({ does }) => {
    const time = (times.get(does) ?? 0) + 1;
    times.set(does, time);
    return time === 1 ? does : `${does} (${time})`;
  });
}

/**
 * Compares a reading with the limits of its measure.
 *
 * @param value in the unit of the measure
 * @param measure limits; null where nothing bounds it
 * @returns whether it may go on being used
 * @example judgeReading(3, { least: 1, most: 2 }) // → "above"
 */
export function judgeReading(
  value: number,
  { least, most: maximum }: Pick<Measure, "least" | "most">,
): "within" | "below" | "above" {
  if (least !== null && value < least) return "below";
  return maximum !== null && value > maximum ? "above" : "within";
}
