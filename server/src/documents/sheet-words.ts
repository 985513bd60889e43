import { dutyPairs } from "@proven-seat/core/documents";
import { inSentence } from "@proven-seat/core/duty";
import type { Sheet } from "@proven-seat/core/proof";
import { type FindingDescription, figuresOf } from "@proven-seat/core/rules";
import { figure, figureText, marginWords, type Unit, type UnitSystem } from "@proven-seat/core/units";

/** A figure of the sheet in the reader's units. */
export const written = (value: number | string | null, unit: Unit, system: UnitSystem) =>
  figureText(value, unit, { system });

/** A margin in the reader's units. */
export const writtenMargin = (finding: FindingDescription, system: UnitSystem) => {
  const { margin, marginUnit } = figuresOf(finding);
  return marginWords(margin, marginUnit, { system });
};

/** Label of what the duty does not say. */
export const notStated = "Not stated";

/** What the duty states, as label and value; yes and no, and what it does not state, in a line each at the end. */
export function dutyWords({ inputs, tag }: Sheet, system: UnitSystem): [string, string][] {
  const pairs = dutyPairs(inputs.duty, { system });
  const named = (answer: string | null) =>
    pairs.filter(({ words }) => words === answer).map(({ label }) => inSentence(label));
  const line = (label: string, names: readonly string[]): [string, string][] =>
    names.length > 0 ? [[label, names.join(", ")]] : [];
  return [
    ["Service", tag.service || "–"],
    ...pairs.flatMap(({ label, words }): [string, string][] =>
      words === null || words === "yes" || words === "no" ? [] : [[label, words]],
    ),
    ...line("Yes", named("yes")),
    ...line("No", named("no")),
    ...line(notStated, named(null)),
  ];
}

/** The valve and the drive, as label and value. */
export function valveWords({ proof, inputs }: Sheet, system: UnitSystem): [string, string][] {
  const length = (mm: number) => written(mm, "mm", system);
  const { valve, drive } = proof;
  const currency = inputs.catalogue.currency;
  const valveRows: [string, string][] = [
    ["Maker, line", `${valve.maker}, ${valve.line}`],
    ["Construction", `${valve.construction}, ${valve.entry}`],
    ["Size, class", `${written(valve.dn, "DN", system)}, ${valve.designation}`],
    ["Ends, port", `${inputs.duty.endConnection ?? valve.ends}, ${valve.port}, bore ${length(valve.boreMm)}`],
    ["Seats, cavity", valve.cavity],
    ["Body", valve.bodyGrade],
    ["Trim", valve.trim],
    ["Seat", valve.seat],
    // A sheet of the first release names no school of stem seal.
    ["Seals", [valve.seals, valve.stemSeal].filter(Boolean).join("; ")],
    [
      "Stem, pad",
      `${length(valve.stemDiameterMm)}, ${written(valve.maximumStemTorqueNm, "N·m", system)} allowed, ${valve.pad}`,
    ],
    ["Face to face", valve.faceToFaceMm === null ? "maker's standard" : length(valve.faceToFaceMm)],
  ];
  const driveRows: [string, string][] = drive
    ? [
        [
          "Drive",
          `${drive.maker}, ${drive.family} ${drive.size}${drive.springSet ? `, springs ${drive.springSet}` : ""}`,
        ],
        ["Action", `${drive.kind}, ${drive.action}; ${drive.onSupplyLoss} on supply loss`],
      ]
    : [["Drive", "bare stem"]];
  return [
    ...valveRows,
    ...driveRows,
    ["Weight, price", `${figure(proof.weightKg)} kg, ${figure(proof.price)} ${currency} (indicative)`],
  ];
}

export const cautions = [
  "Never put a hand into the bore or cavity of a valve that is fitted to a drive or can be turned. Disconnect and vent air, isolate power, lock and tag; a spring actuator holds stored energy and is not opened without the maker's procedure.",
  "Depressurise, drain and vent the cavity as well as the line, in open and closed position; assume it still holds pressure and product.",
  "A stem, packing gland, vent or grease fitting may eject under pressure: stand aside and never back one out under pressure unless it is made for that.",
  "Engineering aid. Reference data are indicative and must be checked against the edition of the code the project invokes and the maker's certified data; local law, the owner's procedures and a licensed engineer's judgement prevail.",
];
