import type { HouseRules } from "../../basis/house/house-rules.ts";
import { figure } from "../../basis/units/figures.ts";
import { figureText } from "../../basis/units/reading.ts";
import type { Reading } from "../../basis/units/units.ts";
import { settle } from "../../duty/settling/settle.ts";
import { countsText } from "../../judgement/proof/counts.ts";
import type { Sheet } from "../../judgement/proof/sheet.ts";
import { ruleStations } from "../../judgement/rules/finding.ts";
import { type FindingDescription, figuresOf } from "../../judgement/rules/found.ts";
import { cautions } from "./cautions.ts";
import { fitUpBlocks } from "./fit-up-words.ts";
import { fittedWords } from "./fitted-words.ts";
import { flowBlocks } from "./flow-words.ts";
import type { Block, FindingRow, PrintedDocument } from "./printed.ts";
import { sealBlock } from "./seal-words.ts";
import { envelopeDrawing, partsCaption, sectionDrawing, strokeDrawing } from "./sheet-drawings.ts";
import { type SheetPictures, sheetPictures } from "./sheet-pictures.ts";
import {
  comparisonWords,
  dutyWords,
  heldWords,
  notStated,
  valveWords,
  writtenMargin,
} from "./sheet-words.ts";

/** Three pictures side by side on a page. */
const pictureSize = { wide: 161, high: 180 };

/** Hazards the findings went by, where they are not those entered; engines before 0.5 went by those. */
function hazardsJudged({ inputs: { duty }, proof }: Sheet, house: HouseRules): [string, string][] {
  if (proof.stations.duty === undefined) return [];
  const { hazards } = settle(duty, house);
  const entered = duty.fluid.hazards ?? [];
  const same = entered.length === hazards.size && entered.every((h) => hazards.has(h));
  return same || hazards.size === 0 ? [] : [["Examined as", [...hazards].join(", ")]];
}

/**
 * A sheet as a document: everything an order needs, the main pictures, and every finding.
 *
 * @param sheet in the newest format
 * @param house the rules it was judged by, for its pictures
 * @param reading units of the reader
 * @returns the document; without pictures where the extract no longer holds the candidate
 * @source docs/sheet.md
 */
export function sheetDocument(sheet: Sheet, house: HouseRules, reading: Reading): PrintedDocument {
  const { inputs, issued, proof } = sheet;
  const duty = dutyWords(sheet, reading);
  const pictures = sheetPictures(inputs, house);
  const silent = duty.find(([label]) => label === notStated)?.[1];
  return {
    name: "Valve specification",
    of: sheet.tag.number,
    where: [sheet.project, sheet.tag.unit].filter(Boolean).join(" / "),
    issued: `revision ${sheet.revision}${issued.at ? ` · issued ${issued.at.slice(0, 16).replace("T", " ")} UTC by ${issued.by}` : ", not issued"}`,
    blocks: [
      {
        kind: "pairs",
        groups: [
          {
            name: "Duty",
            pairs: [...duty.filter(([label]) => label !== notStated), ...hazardsJudged(sheet, house)],
          },
          { name: "Valve and actuator", pairs: valveWords(sheet, reading) },
        ],
      },
      ...(sheet.standards
        ? [{ kind: "remark", words: `Standards of the project, as stated: ${sheet.standards}` } as const]
        : []),
      ...(silent ? [{ kind: "remark", words: `Not stated: ${silent}.` } as const] : []),
      casesTable(sheet, reading),
      verdictOf(sheet, reading),
      { kind: "cautions", words: cautions },
      ...(pictures ? picturesOf(sheet, pictures, reading) : []),
      {
        kind: "signatures",
        lines: [
          { role: "prepared", by: issued.by },
          { role: "checked", by: "" },
          { role: "approved", by: "" },
        ],
      },
      {
        kind: "findings",
        groups: ruleStations
          .map((station) => ({
            name: station,
            rows: proof.findings
              .filter((f) => f.station === station && f.verdict !== "not asked")
              .map((f) => findingRow(f, reading)),
          }))
          .filter(({ rows }) => rows.length > 0),
        notAsked: proof.findings.filter((f) => f.verdict === "not asked").map((f) => f.asks),
      },
      ...flowBlocks(flowJudged(sheet, pictures), reading),
      ...mountingBlocks(sheet, pictures, reading),
      ...jointsOf(sheet, pictures),
    ],
    fingerprint: {
      madeOf: `engine ${sheet.engine} · house rules v${inputs.houseRules.version} · catalogue "${inputs.catalogue.name}" r${inputs.catalogue.revision}`,
      digest: `SHA-256 of all inputs ${sheet.digest}`,
    },
  };
}

/** Flow, where the engine of the sheet judged it. */
const flowJudged = ({ proof }: Sheet, pictures: SheetPictures | null) =>
  pictures !== null && proof.findings.some((f) => f.rule === "flow/capacity") ? pictures.flow : null;

/** Joints and seals, where the engine of the sheet asked how a seat meets its closure and so knew them. */
const jointsOf = ({ proof }: Sheet, pictures: SheetPictures | null): Block[] =>
  pictures !== null && proof.findings.some((f) => f.rule === "body/clearance")
    ? [sealBlock(pictures.assembly)]
    : [];

/** Mounting of the actuator and its accessories. Nothing is added that the engine of the sheet did not judge. */
function mountingBlocks({ proof }: Sheet, pictures: SheetPictures | null, reading: Reading): Block[] {
  const judged = pictures !== null && proof.findings.some((f) => f.rule === "fit-up/joint");
  const { pairs, steps } = judged ? fitUpBlocks(pictures.fitUp, reading) : { pairs: [], steps: [] };
  const groups = [
    { name: "Fit-up", pairs },
    { name: "Accessories", pairs: fittedWords(reading, proof.fitted) },
  ].filter((group) => group.pairs.length > 0);
  return [...(groups.length > 0 ? [{ kind: "pairs", groups } as const] : []), ...steps];
}

function casesTable({ inputs }: Sheet, reading: Reading): Block {
  const named = { share: 0, figures: false };
  const figures = { figures: true };
  return {
    kind: "table",
    name: "Operating cases",
    columns: [
      { ...named, heading: "case", share: 150 },
      { ...named, heading: "kind", share: 80 },
      { ...figures, heading: "upstream", share: 85 },
      { ...figures, heading: "downstream", share: 85 },
      { ...figures, heading: "temperature", share: 75 },
    ],
    rows: inputs.duty.cases.map((c, index) => {
      const far = c.flow === "reverse" ? c.upstreamBarG : c.downstreamBarG;
      const pressure = (value: number | null) =>
        value === null ? (far === null ? "vented" : "–") : figureText(value, "bar g", reading);
      return [
        `${index + 1} ${c.name}${c.mayBeShut ? "" : " (open)"}${c.flow === "reverse" ? " (reverse)" : ""}`,
        c.kind,
        pressure(c.upstreamBarG),
        pressure(c.downstreamBarG),
        figureText(c.temperatureC, "°C", reading),
      ];
    }),
  };
}

function verdictOf(
  { proof, considered, standing, cannotTell, override, notes }: Sheet,
  reading: Reading,
): Block {
  const held = proof.findings.find((f) => f.rule === proof.heldBackBy);
  return {
    kind: "verdict",
    verdict: proof.verdict,
    says: held ? heldWords(held, reading) : "",
    counts: `${figure(considered)} ${considered === 1 ? "candidate" : "candidates"} proved: ${countsText({ considered, standing, cannotTell })}. This candidate: ${proof.fails} fail, ${proof.cannotTell} cannot tell, ${proof.tight} tight. Every finding follows.`,
    warning: override ? `Overridden by ${override.by}: ${override.reason}` : null,
    notes,
  };
}

function picturesOf({ inputs }: Sheet, found: SheetPictures, reading: Reading): Block[] {
  const { section, envelope, stroke } = found;
  const drawn = [
    {
      name: "Section, closed",
      drawing: section && sectionDrawing(section.view, pictureSize),
      caption: section ? partsCaption(section.view, section.parts) : "",
    },
    {
      name: "Limits and cases by number",
      drawing: envelopeDrawing(envelope, inputs.duty.cases, pictureSize, reading),
      caption: "part limits thin, lowest limit thick, flow only dashed",
    },
    {
      name: stroke.atMinimum
        ? "Torque demand (thick) and actuator output at the lowest supply"
        : "Torque demand over the stroke",
      drawing: strokeDrawing(stroke, pictureSize, reading),
      caption: `demand × ${stroke.factor.toFixed(2)}`,
    },
  ];
  const pictures = drawn.flatMap(({ name, drawing, caption }) =>
    drawing ? [{ name, drawing, caption }] : [],
  );
  return pictures.length > 0 ? [{ kind: "pictures", pictures }] : [];
}

function findingRow(finding: FindingDescription, reading: Reading): FindingRow {
  const { rule, verdict, asks, uses, says, source } = finding;
  const origins = uses
    .map((u) => `${u.what} ${figureText(u.value, u.unit, reading)} (${u.origin})`)
    .join("; ");
  return {
    rule,
    verdict,
    asks,
    figures: comparisonWords(finding, reading),
    margin: writtenMargin(finding, reading),
    caseName: figuresOf(finding).caseName ?? "",
    small: `${verdict === "cannot tell" ? `${says} ` : ""}${origins ? `${origins}. ` : ""}${source}`,
  };
}
