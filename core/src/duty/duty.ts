import { z } from "zod";
import { fluidNamed } from "../reference/fluids.ts";
import { parseDesignation } from "../reference/pressure-temperature.ts";
import { serviceFamilies } from "../reference/suitability.ts";
import { operatingCaseSchema } from "./case.ts";
import { amount, known, pressure, temperature, text } from "./limits.ts";
import { nominalSizes } from "./sizes.ts";
import {
  emissionClasses,
  endConnections,
  flowDirections,
  hazards,
  installations,
  operators,
  phases,
  ports,
  shutOffRates,
  supplyLossActions,
  valveFunctions,
} from "./words.ts";

/** What flows, as entered. Blank properties are estimated from the substance and marked as estimates. */
const fluidSchema = z.strictObject({
  name: text(80).default(""),
  /** A fluid of the table, from which hazards, family and estimates may be taken. */
  substance: z
    .string()
    .refine((id) => fluidNamed(id) !== undefined, {
      error: (issue) => `"${issue.input}" is not in the table of fluids.`,
    })
    .nullable()
    .default(null),
  family: z
    .enum(serviceFamilies as [string, ...string[]])
    .nullable()
    .default(null),
  phase: known(phases),
  hazards: z
    .array(z.enum(hazards))
    .transform((list) => [...new Set(list)])
    .nullable()
    .default(null),
  densityKgM3: amount("Density", 0, 25_000, "kg/m³"),
  viscosityMPaS: amount("Viscosity", 0, 1e7, "mPa·s"),
  vapourPressureBarA: amount("Vapour pressure", 0, 1000, "bar a"),
  compressibility: amount("Z", 0.05, 5, ""),
  isentropicExponent: amount("k", 1, 2, ""),
  h2sKPa: amount("Partial pressure of H₂S", 0, 100_000, "kPa"),
  chloridesMgL: amount("Chlorides", 0, 400_000, "mg/l"),
  freeWater: z.boolean().nullable().default(null),
  solidsPercent: amount("Solids", 0, 80, "%"),
  solidsHard: z.boolean().nullable().default(null),
  fibres: z.boolean().nullable().default(null),
});

const yesNo = () => z.boolean().nullable().default(null);

const dutyShape = z.strictObject({
  dn: z
    .number({ error: "Size must be a number." })
    .refine((dn) => nominalSizes.includes(dn), {
      error: (issue) => `DN ${issue.input} is not a nominal size.`,
    })
    .nullable()
    .default(null),
  lineDesignation: z
    .string()
    .refine((d) => parseDesignation(d) !== null, {
      error: (issue) => `"${issue.input}" is not a class or PN. Write "class 300" or "PN 40".`,
    })
    .nullable()
    .default(null),
  endConnection: known(endConnections),
  pipeSchedule: text(20).nullable().default(null),
  pipeBoreMm: amount("Pipe bore", 1, 3000, "mm"),
  port: known(ports),
  fluid: fluidSchema.prefault({}),
  function: known(valveFunctions),
  flowDirection: known(flowDirections),
  shutOff: known(shutOffRates),
  emissionClass: known(emissionClasses),
  fireSafe: yesNo(),
  inLineRepair: yesNo(),
  deadEnd: yesNo(),
  equalisingBypass: yesNo(),
  /** A relief from the cavity piped back to upstream. */
  cavityRelief: yesNo(),
  lineTestBarG: pressure().default(null),
  operator: known(operators),
  onSupplyLoss: known(supplyLossActions),
  airMinimumBarG: amount("Air supply", 0, 16, "bar g"),
  airMaximumBarG: amount("Air supply", 0, 16, "bar g"),
  longestShutDays: amount("Longest shut", 0, 20_000, "days"),
  strokesPerYear: amount("Strokes a year", 0, 10_000_000, ""),
  installation: known(installations),
  ambientMinimumC: temperature().default(null),
  ambientMaximumC: temperature().default(null),
  jacketBarG: pressure().default(null),
  jacketC: temperature().default(null),
  area: text(60).nullable().default(null),
  cases: z.array(operatingCaseSchema).max(24, "At most 24 cases.").default([]),
});

type Shape = z.infer<typeof dutyShape>;

/** Pairs of a lowest and a highest value that may not cross. */
const ordered: readonly [low: keyof Shape, high: keyof Shape, message: string][] = [
  ["airMinimumBarG", "airMaximumBarG", "Maximum air supply is below the minimum."],
  ["ambientMinimumC", "ambientMaximumC", "Highest ambient is below the lowest."],
];

export const dutySchema = dutyShape.superRefine((duty, context) => {
  const seen = new Set<string>();
  duty.cases.forEach((c, at) => {
    if (seen.has(c.id))
      context.addIssue({
        code: "custom",
        path: ["cases", at, "id"],
        message: `Two cases share the id "${c.id}".`,
      });
    seen.add(c.id);
  });
  for (const [low, high, message] of ordered) {
    const [from, to] = [duty[low], duty[high]];
    if (from !== null && to !== null && from > to)
      context.addIssue({ code: "custom", path: [high], message });
  }
});

export type Duty = z.infer<typeof dutySchema>;

/** A duty with nothing stated yet. */
export const emptyDuty: Duty = dutySchema.parse({});
