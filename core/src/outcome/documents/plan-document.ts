import { figureText } from "../../basis/units/reading.ts";
import type { Reading } from "../../basis/units/units.ts";
import { digestOf } from "../../judgement/proof/digest.ts";
import { engineVersion } from "../../judgement/proof/engine.ts";
import type { PlanKind, ShopPlan } from "../shop/plan.ts";
import { limitsText, type ShopStep } from "../shop/step.ts";
import { cautions } from "./cautions.ts";
import type { Block, PrintedDocument } from "./printed.ts";

/** Subject of a printed plan. */
export interface PlanOf {
  readonly project: string;
  readonly tag: { readonly number: string; readonly service: string; readonly unit: string };
  readonly valve: { readonly key: string; readonly words: string };
  readonly drive: { readonly key: string; readonly words: string } | null;
  /** Where the plan is read on screen. */
  readonly address: string;
  /** When it was printed, as ISO 8601. */
  readonly at: string;
}

const names: Readonly<Record<PlanKind, string>> = {
  strip: "Strip-down plan",
  reseat: "Reseating plan",
  "put together": "Reassembly plan",
  "fit the drive": "Actuator mounting plan",
};

const isTool = ({ what }: ShopStep["figures"][number]) => what === "tool";

/** Everything beside the words of a step, in one cell. */
const beside = ({ figures, measures, look, renew }: ShopStep, reading: Reading): string =>
  [
    // On paper the tools are listed once, at the start.
    ...figures
      .filter((figure) => !isTool(figure))
      .map(({ what, value, unit }) => `${what} ${figureText(value, unit, reading)}`),
    ...measures.map((measure) => `${measure.what}: ${limitsText(measure, reading)}`),
    ...look,
    ...(renew === "always" ? ["renew"] : []),
  ].join("; ");

/** All tightening torques, by step. */
function torqueTable(plan: ShopPlan, reading: Reading): Block[] {
  const rows = plan.steps.flatMap((step, i) => {
    const turned = step.figures.filter(({ what, unit }) => unit === "N·m" || what.startsWith("torque"));
    if (turned.length === 0) return [];
    const screws = step.figures.filter(({ what }) => /^(screws|bolting)\b/.test(what));
    const torque = turned.map(({ what, value, unit }) => `${what} ${figureText(value, unit, reading)}`);
    const joint = step.piece?.name ?? step.does;
    return [
      [String(i + 1), joint, screws.map(({ value }) => String(value)).join(", ") || "–", torque.join("; ")],
    ];
  });
  if (rows.length === 0) return [];
  return [
    {
      kind: "table",
      name: "Torques",
      columns: [
        { heading: "", share: 20, figures: true },
        { heading: "joint", share: 150, figures: false },
        { heading: "screws", share: 90, figures: false },
        { heading: "torque", share: 215, figures: false },
      ],
      rows,
    },
  ];
}

/**
 * A work plan as a document: cautions first, every step with a box to tick, and the parts to count back.
 *
 * @param plan of a valve
 * @param context project, tag, valve, drive and where it is read
 * @param reading units of the reader
 * @returns the document; where there is no plan, the reason
 * @source docs/shop.md
 */
export function planDocument(plan: ShopPlan, context: PlanOf, reading: Reading): PrintedDocument {
  const { project, tag, valve, drive, address, at } = context;
  const tools = new Set(
    plan.steps.flatMap(({ figures }) => figures.filter(isTool).map(({ value }) => value)),
  );
  const warned = [...new Set(plan.steps.flatMap((step) => step.cautions))];
  const blocks: Block[] = [
    {
      kind: "pairs",
      groups: [
        {
          name: "Work on",
          pairs: [
            ["Service", tag.service || "not stated"],
            ["Valve", valve.words],
            ["Actuator", drive?.words ?? "bare stem"],
          ],
        },
      ],
    },
    {
      kind: "code",
      address,
      says: "On screen, with the section, ticks, figures and pictures:",
      more: tools.size === 0 ? "" : `Tools: ${[...tools].join("; ")}.`,
    },
    { kind: "cautions", words: [...warned, cautions.at(-1)!] },
    ...(plan.limits === null ? [] : [{ kind: "remark" as const, words: plan.limits }]),
  ];
  if (plan.steps.length > 0)
    blocks.push({
      kind: "table",
      name: "Steps",
      columns: [
        { heading: "", share: 20, figures: true },
        { heading: "step", share: 220, figures: false },
        { heading: "figures, inspection, measurements", share: 205, figures: false },
        { heading: "done", share: 30, figures: false },
      ],
      rows: plan.steps.map((step, i) => [String(i + 1), step.does, beside(step, reading), "…"]),
    });
  blocks.push(...torqueTable(plan, reading));
  if (plan.count.length > 0)
    blocks.push({
      kind: "table",
      name: "Count-back list",
      columns: [
        { heading: "piece", share: 240, figures: false },
        { heading: "quantity", share: 70, figures: true },
        { heading: "renew", share: 105, figures: false },
        { heading: "counted", share: 60, figures: false },
      ],
      rows: plan.count.map(({ name, count, renew }) => [
        name,
        count === 0 ? "count them" : String(count),
        renew ?? "no",
        "…",
      ]),
    });
  blocks.push({
    kind: "signatures",
    lines: [
      { role: "done by", by: "" },
      { role: "checked by", by: "" },
    ],
  });
  return {
    name: names[plan.kind],
    of: tag.number,
    where: [project, tag.unit].filter(Boolean).join(" / "),
    issued: `printed ${at.slice(0, 16).replace("T", " ")} UTC`,
    blocks,
    fingerprint: {
      madeOf: `Engine ${engineVersion}; valve ${valve.key}; drive ${drive?.key ?? "none"}; digest of the plan`,
      digest: digestOf({ valve: valve.key, drive: drive?.key ?? null, plan }),
    },
  };
}
