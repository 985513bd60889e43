import type { Sheet } from "@proven-seat/core/proof";
import type { Finding, Unit } from "@proven-seat/core/rules";
import { figure, figureText, marginWords, type UnitSystem } from "@proven-seat/core/units";

/** A figure of the sheet in the reader's units. */
export const written = (value: number | string | null, unit: Unit, system: UnitSystem) =>
  figureText(value, unit, { system });

/** A margin in the reader's units. */
export const writtenMargin = ({ margin, marginUnit }: Finding, system: UnitSystem) =>
  marginWords(margin, marginUnit, { system });

const answer = (yes: boolean | null) => (yes === null ? "not stated" : yes ? "yes" : "no");

/** What the duty states, as label and value. */
export function dutyWords({ inputs, tag }: Sheet, system: UnitSystem): [string, string][] {
  const d = inputs.duty;
  const air = (bar: number | null) => (bar === null ? "not stated" : written(bar, "bar g", system));
  const degrees = (c: number | null) => (c === null ? "–" : written(c, "°C", system));
  return [
    ["Service", tag.service || "–"],
    ["Size", written(d.dn, "DN", system)],
    ["Line class", d.lineDesignation ?? "not stated"],
    ["End connection", d.endConnection ?? "not stated"],
    ["Pipe schedule", d.pipeSchedule ?? "not stated"],
    ["Fluid", [d.fluid.name, d.fluid.family, d.fluid.phase].filter(Boolean).join(", ") || "not stated"],
    ["Function", d.function ?? "not stated"],
    ["Pressure from", d.flowDirection ?? "not stated"],
    ["Shut-off", d.shutOff ? `ISO 5208 rate ${d.shutOff}` : "not stated"],
    ["Fire-safe", answer(d.fireSafe)],
    ["In-line repair", answer(d.inLineRepair)],
    ["On supply loss", d.onSupplyLoss ?? "not stated"],
    ["Air supply", `${air(d.airMinimumBarG)} to ${air(d.airMaximumBarG)}`],
    ["Longest shut", d.longestShutDays === null ? "not stated" : `${figure(d.longestShutDays)} days`],
    ["Fluid detail", fluidDetail(d.fluid, system)],
    [
      "Installation",
      [
        d.installation ?? "not stated",
        d.deadEnd ? "end of line" : null,
        d.equalisingBypass ? "bypass" : null,
        d.cavityRelief ? "cavity relief piped" : null,
      ]
        .filter(Boolean)
        .join(", "),
    ],
    ["Ambient", `${degrees(d.ambientMinimumC)} to ${degrees(d.ambientMaximumC)}`],
    ["Hazardous area", d.area ?? "not stated"],
  ];
}

/** Hazards and contents of the fluid that decide materials. */
function fluidDetail(fluid: Sheet["inputs"]["duty"]["fluid"], system: UnitSystem): string {
  const parts = [
    fluid.hazards === null ? null : fluid.hazards.join(", ") || "no hazards",
    fluid.h2sKPa === null ? null : `H₂S ${written(fluid.h2sKPa, "kPa", system)}`,
    fluid.chloridesMgL === null ? null : `chlorides ${figure(fluid.chloridesMgL)} mg/l`,
    fluid.solidsPercent ? `solids ${figure(fluid.solidsPercent)} %` : null,
  ];
  return parts.filter(Boolean).join("; ") || "not stated";
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
    ["Seals", `${valve.seals}; ${valve.stemSeal}`],
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
