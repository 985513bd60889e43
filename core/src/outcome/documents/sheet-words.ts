import { figure } from "../../basis/units/figures.ts";
import { figureText, marginWords } from "../../basis/units/reading.ts";
import type { Reading } from "../../basis/units/units.ts";
import { inSentence } from "../../duty/fields/field.ts";
import { driveKinds } from "../../equipment/drives/drive-kinds.ts";
import { isByHand } from "../../equipment/drives/supplies.ts";
import type { DriveDescription } from "../../judgement/proof/describe.ts";
import type { Sheet } from "../../judgement/proof/sheet.ts";
import { trueSign } from "../../judgement/rules/finding.ts";
import { type FindingDescription, figuresOf } from "../../judgement/rules/found.ts";
import { dutyPairs } from "./duty-words.ts";
import type { Pair } from "./printed.ts";

/**
 * A finding's margin as a document prints it.
 *
 * @param finding a described finding
 * @param reading units of the reader
 * @returns words, empty where it has no margin
 */
export function writtenMargin(finding: FindingDescription, reading: Reading): string {
  const { margin, marginUnit } = figuresOf(finding);
  return marginWords(margin, marginUnit, reading);
}

/**
 * Value against limit, or what decides where the two alone do not; for words, the words and their meaning.
 *
 * @param finding a described finding
 * @param reading units of the reader
 * @returns words, empty where it has no value
 */
export function comparisonWords(finding: FindingDescription, reading: Reading): string {
  const { value, limit, sense, unit, decides } = figuresOf(finding);
  if (value === null) return "";
  const shown = figureText(value, unit, reading);
  if (decides !== null) return `${shown}: ${decides}`;
  if (limit === null || limit === value) return shown;
  const against = figureText(limit, unit, reading);
  return sense === "is" ? `${shown}: ${against}` : `${shown} ${trueSign(sense, value, limit)} ${against}`;
}

/**
 * The limiting finding of a candidate, in a sentence.
 *
 * @param held the finding
 * @param reading units of the reader
 * @returns the finding with value, limit, case and margin
 */
export function heldWords(held: FindingDescription, reading: Reading): string {
  const { value, limit, unit, caseName } = figuresOf(held);
  const against = limit === null ? "" : ` against ${figureText(limit, unit, reading)}`;
  const place = caseName ? ` at ${caseName}` : "";
  return `Limited by ${held.asks.toLowerCase()}: ${figureText(value, unit, reading)}${against}${place} ${writtenMargin(held, reading)}`.trimEnd();
}

/** Label for values that the duty does not state. */
export const notStated = "Not stated";

/**
 * Stated values of the duty as label and value; yes and no, and unstated values, each in one line at the end.
 *
 * @param sheet tag and duty of a sheet
 * @param reading units of the reader
 * @returns pairs in the order of the duty's groups
 */
export function dutyWords({ inputs, tag }: Pick<Sheet, "inputs" | "tag">, reading: Reading): Pair[] {
  const pairs = dutyPairs(inputs.duty, reading);
  const named = (answer: string | null) =>
    pairs.filter(({ words }) => words === answer).map(({ label }) => inSentence(label));
  const line = (label: string, names: readonly string[]): Pair[] =>
    names.length > 0 ? [[label, names.join(", ")]] : [];
  return [
    ["Service", tag.service || "–"],
    ...pairs.flatMap(({ label, words }): Pair[] =>
      words === null || words === "yes" || words === "no" ? [] : [[label, words]],
    ),
    ...line("Yes", named("yes")),
    ...line("No", named("no")),
    ...line(notStated, named(null)),
  ];
}

/** Supply and fail action of an actuator; one with neither shows its kind only. */
function actionWords({ kind, action, springSet, onSupplyLoss }: DriveDescription): string {
  const known = driveKinds.find((driveKind) => driveKind.kind === kind);
  const acts = known === undefined || known.sprung || springSet !== null ? `${kind}, ${action}` : kind;
  return known !== undefined && isByHand(known.supply) ? acts : `${acts}; ${onSupplyLoss} on supply loss`;
}

/**
 * The valve and the drive, as label and value.
 *
 * @param sheet proof and catalogue extract of a sheet
 * @param reading units of the reader
 * @returns pairs, the valve first
 */
export function valveWords({ proof, inputs }: Pick<Sheet, "proof" | "inputs">, reading: Reading): Pair[] {
  const length = (mm: number) => figureText(mm, "mm", reading);
  const { valve, drive } = proof;
  const currency = inputs.catalogue.currency;
  const valveRows: Pair[] = [
    ["Maker, line", `${valve.maker}, ${valve.line}`],
    ["Construction", `${valve.construction}, ${valve.entry}`],
    ["Size, class", `${figureText(valve.dn, "DN", reading)}, ${valve.designation}`],
    ["Ends, port", `${inputs.duty.endConnection ?? valve.ends}, ${valve.port}, bore ${length(valve.boreMm)}`],
    ["Seats, cavity", valve.cavity],
    ["Body", valve.bodyGrade],
    ["Trim", valve.trim],
    ["Seat", valve.seat],
    // A sheet of the first release names no school of stem seal.
    ["Seals", [valve.seals, valve.stemSeal].filter(Boolean).join("; ")],
    [
      "Stem, pad",
      `${length(valve.stemDiameterMm)}, ${figureText(valve.maximumStemTorqueNm, "N·m", reading)} allowed, ${valve.pad}`,
    ],
    ["Face-to-face", valve.faceToFaceMm === null ? "maker's standard" : length(valve.faceToFaceMm)],
  ];
  const driveRows: Pair[] = drive
    ? [
        [
          "Actuator",
          `${drive.maker}, ${drive.family} ${drive.size}${drive.springSet ? `, springs ${drive.springSet}` : ""}`,
        ],
        ["Action", actionWords(drive)],
      ]
    : [["Actuator", "bare stem"]];
  return [
    ...valveRows,
    ...driveRows,
    [
      "Weight, price",
      `${figureText(proof.weightKg, "kg", reading)}, ${figure(proof.price)} ${currency} (indicative)`,
    ],
  ];
}
