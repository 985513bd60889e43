import { figureText } from "../../basis/units/reading.ts";
import type { Reading } from "../../basis/units/units.ts";
import { digestOf } from "../../judgement/proof/digest.ts";
import { engineVersion } from "../../judgement/proof/engine.ts";
import { type JobEvent, type JobKind, jobTitles } from "../shop/job/event.ts";
import {
  type JobState,
  jobState,
  judgeReading,
  type Signed,
  type StepState,
  stepNames,
  stepState,
} from "../shop/job/state.ts";
import type { LeakPicture } from "../shop/leak/picture.ts";
import type { ShopPlan } from "../shop/plan.ts";
import type { ShopStep } from "../shop/step.ts";
import { cautions } from "./cautions.ts";
import type { Block, PrintedDocument } from "./printed.ts";

/** Subject of a printed job. */
export interface JobOf {
  readonly project: string;
  readonly tag: { readonly number: string; readonly service: string; readonly unit: string };
  readonly kind: JobKind;
  /** The valve it was started on, in words. */
  readonly valve: string;
  readonly plan: ShopPlan | null;
  readonly startedAt: string;
  readonly startedBy: string;
  readonly events: readonly JobEvent[];
  /** Where it is read on screen. */
  readonly address: string;
  /** When it was printed, as ISO 8601. */
  readonly at: string;
}

const moment = (time: string) => `${time.slice(0, 16).replace("T", " ")} UTC`;
const by = (signed: Signed | null) => (signed === null ? "–" : `${signed.who}, ${moment(signed.at)}`);
const judged = { within: "within its limits", below: "BELOW ITS LIMIT", above: "ABOVE ITS LIMIT" } as const;

/** Readings, notes and pictures of a step, in one cell. */
function found(
  { readings, remarks, pictures }: StepState,
  measures: ShopStep["measures"],
  reading: Reading,
): string {
  return [
    ...readings.map(({ what, value }) => {
      const measure = measures.find((measure) => measure.what === what);
      if (!measure) return `${what} ${value}`;
      return `${what} ${figureText(value, measure.unit, reading)}, ${judged[judgeReading(value, measure)]}`;
    }),
    ...remarks.map(({ kind, text }) => (kind === "deviation" ? `Deviation from the plan: ${text}` : text)),
    ...(pictures.length > 0 ? [`${pictures.length} picture${pictures.length > 1 ? "s" : ""}`] : []),
  ].join("; ");
}

function steps(plan: ShopPlan, state: JobState, reading: Reading): Block {
  const names = stepNames(plan.steps);
  return {
    kind: "table",
    name: "Work done",
    columns: [
      { heading: "", share: 20, figures: true },
      { heading: "step", share: 180, figures: false },
      { heading: "measured, seen, deviations", share: 165, figures: false },
      { heading: "done by", share: 110, figures: false },
    ],
    rows: plan.steps.map((step, i) => {
      const recorded = stepState(state, names[i]!);
      return [String(i + 1), step.does, found(recorded, step.measures, reading), by(recorded.ticked)];
    }),
  };
}

const percent = (share: number) => `${Math.round(100 * share)} %`;

/** Answers with their effect on the likeliest cause, and its present probability. */
function trace(leak: LeakPicture): Block[] {
  const named = new Map(leak.ranked.map(({ id, name }) => [id, name]));
  const leading = (weights: Readonly<Record<string, number>>) => {
    const [first] = Object.entries(weights).sort(([, a], [, b]) => b - a);
    return first ? `${named.get(first[0])} ${percent(first[1])}` : "–";
  };
  return [
    {
      kind: "table",
      name: "Checks made",
      columns: [
        { heading: "check", share: 190, figures: false },
        { heading: "seen", share: 85, figures: false },
        { heading: "most likely before", share: 100, figures: false },
        { heading: "most likely after", share: 100, figures: false },
      ],
      rows: leak.reasoning.map(({ asks, answer, before, after }) => [
        asks,
        answer,
        leading(before),
        leading(after),
      ]),
    },
    {
      kind: "table",
      name: "Possible causes",
      columns: [
        { heading: "cause", share: 130, figures: false },
        { heading: "weight", share: 50, figures: true },
        { heading: "now", share: 150, figures: false },
        { heading: "at the next stop", share: 145, figures: false },
      ],
      rows: leak.ranked
        .filter(({ probability }) => probability >= 0.01)
        .map(({ name, probability, now, next }) => [name, percent(probability), now, next]),
    },
    ...leak.contradictions.map((words) => ({ kind: "remark" as const, words })),
    ...(leak.outOfService ? [{ kind: "cautions" as const, words: [leak.outOfService] }] : []),
  ];
}

/**
 * A job as a document: what was done, by whom, readings and notes; for a leak, how it was traced.
 *
 * @param job the job with its events
 * @param leak its present trace; null for a plan, or where no place was selected
 * @param reading units of the reader
 * @returns the document
 * @source `jobState`, `leakPicture`
 */
export function jobDocument(job: JobOf, leak: LeakPicture | null, reading: Reading): PrintedDocument {
  const state = jobState(job.events);
  const whole = stepState(state, null);
  const blocks: Block[] = [
    {
      kind: "pairs",
      groups: [
        {
          name: job.plan ? "Work on" : "Leak of",
          pairs: [
            ["Service", job.tag.service || "not stated"],
            ["Valve", job.valve],
            ["Started", `${job.startedBy}, ${moment(job.startedAt)}`],
            ["Finished", state.finished ? by(state.finished) : "not finished"],
          ],
        },
      ],
    },
    { kind: "code", address: job.address, says: "On screen, with its pictures:", more: "" },
    { kind: "cautions", words: [cautions.at(-1)!] },
    ...(job.plan ? [steps(job.plan, state, reading)] : []),
    ...(leak ? trace(leak) : []),
    ...(state.leakRate
      ? [
          {
            kind: "remark" as const,
            words: `Measured: ${state.leakRate.mlMin} ml/min of ${state.leakRate.of}.`,
          },
        ]
      : []),
    ...whole.remarks.map(({ text, ...signed }) => ({
      kind: "remark" as const,
      words: `${text} (${by(signed)})`,
    })),
    ...(state.afterwards > 0
      ? [
          {
            kind: "remark" as const,
            words: `${state.afterwards === 1 ? "One entry was" : `${state.afterwards} entries were`} added after the job was finished.`,
          },
        ]
      : []),
    {
      kind: "signatures",
      lines: [
        { role: "done by", by: state.finished?.who ?? "" },
        { role: "checked by", by: "" },
      ],
    },
  ];
  return {
    name: `Job: ${jobTitles[job.kind]}`,
    of: job.tag.number,
    where: [job.project, job.tag.unit].filter(Boolean).join(" / "),
    issued: `printed ${moment(job.at)}`,
    blocks,
    fingerprint: {
      madeOf: `Engine ${engineVersion}; ${job.events.length} entries; digest of the entries`,
      digest: digestOf(job.events),
    },
  };
}
