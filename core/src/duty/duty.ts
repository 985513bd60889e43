import { z } from "zod";
import { parseDesignation } from "../reference/pressure-temperature.ts";
import { serviceFamilies } from "../reference/suitability.ts";
import { nominalSizes } from "./sizes.ts";

export const caseKinds = [
  "normal",
  "maximum",
  "minimum",
  "start-up",
  "shut-off differential",
  "steam-out",
  "blow-down",
  "upset",
  "cold soak",
  "fire",
] as const;
export const valveFunctions = [
  "on-off isolation",
  "double block and bleed",
  "throttling",
  "emergency shut-down",
  "diverting",
] as const;
export const flowDirections = ["one way", "both ways"] as const;
export const phases = ["liquid", "gas", "dense phase", "steam", "two-phase"] as const;
export const endConnections = [
  "flanged RF",
  "flanged RTJ",
  "threaded",
  "socket-weld",
  "butt-weld",
  "wafer",
  "lug",
] as const;
export const operators = ["pneumatic", "electric", "any", "bare stem"] as const;
export const supplyLossActions = ["closes", "opens", "stays"] as const;
export const shutOffRates = ["A", "AA", "B", "C", "CC", "D", "E", "EE", "F", "G"] as const;

/** Full vacuum in bar gauge: nothing lies below it. */
export const vacuumBarG = -1.01325;
export const absoluteZeroC = -273.15;

const pressure = () =>
  z
    .number({ error: "Pressure must be a number." })
    .min(vacuumBarG, "Pressure is below full vacuum (−1.013 bar g). Is it absolute where gauge is meant?")
    .max(1000, "Pressure is above 1000 bar g. Check the unit.")
    .nullable();

const temperature = () =>
  z
    .number({ error: "Temperature must be a number." })
    .min(absoluteZeroC, "Temperature is below absolute zero (−273.15 °C). Check the unit.")
    .max(1200, "Temperature is above 1200 °C. Check the unit.")
    .nullable();

const text = (most: number) => z.string().max(most, `At most ${most} characters.`);

export const operatingCaseSchema = z
  .strictObject({
    id: text(40).min(1, "A case needs an id."),
    kind: z.enum(caseKinds),
    name: text(60).min(1, "A case needs a name."),
    upstreamBarG: pressure(),
    downstreamBarG: pressure(),
    temperatureC: temperature(),
    /** Which side pushes: reverse means the pressure comes from the downstream flange. */
    flow: z.enum(["forward", "reverse"]).default("forward"),
    /** False where the valve is never shut in this case, so that seats and torque are not asked. */
    mayBeShut: z.boolean().default(true),
  })
  .superRefine((c, context) => {
    if (c.upstreamBarG === null || c.downstreamBarG === null) return;
    if (c.flow === "forward" && c.downstreamBarG > c.upstreamBarG) {
      context.addIssue({
        code: "custom",
        path: ["downstreamBarG"],
        message: "Downstream is above upstream. Swap the two, or mark the case as reverse.",
      });
    }
    if (c.flow === "reverse" && c.upstreamBarG > c.downstreamBarG) {
      context.addIssue({
        code: "custom",
        path: ["upstreamBarG"],
        message: "A reverse case pushes from downstream, but upstream is the higher one. Mark it as forward.",
      });
    }
  });

const known = <T extends readonly [string, ...string[]]>(values: T) =>
  z.enum(values).nullable().default(null);

export const dutySchema = z
  .strictObject({
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
    fluid: z
      .strictObject({
        name: text(80).default(""),
        family: z
          .enum(serviceFamilies as [string, ...string[]])
          .nullable()
          .default(null),
        phase: known(phases),
      })
      .default({ name: "", family: null, phase: null }),
    function: known(valveFunctions),
    flowDirection: known(flowDirections),
    shutOff: known(shutOffRates),
    fireSafe: z.boolean().nullable().default(null),
    inLineRepair: z.boolean().nullable().default(null),
    operator: known(operators),
    onSupplyLoss: known(supplyLossActions),
    airMinimumBarG: z
      .number()
      .min(0, "Air supply cannot be below 0 bar g.")
      .max(16, "Air supply above 16 bar g. Check the unit.")
      .nullable()
      .default(null),
    airMaximumBarG: z
      .number()
      .min(0, "Air supply cannot be below 0 bar g.")
      .max(16, "Air supply above 16 bar g. Check the unit.")
      .nullable()
      .default(null),
    longestShutDays: z
      .number()
      .min(0, "Days cannot be negative.")
      .max(20000, "More than 20 000 days. Check the unit.")
      .nullable()
      .default(null),
    strokesPerYear: z
      .number()
      .min(0, "Strokes cannot be negative.")
      .max(10_000_000, "More than ten million strokes a year.")
      .nullable()
      .default(null),
    ambientMinimumC: temperature().default(null),
    ambientMaximumC: temperature().default(null),
    area: text(60).nullable().default(null),
    cases: z.array(operatingCaseSchema).max(24, "At most 24 cases.").default([]),
  })
  .superRefine((duty, context) => {
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
    if (
      duty.airMinimumBarG !== null &&
      duty.airMaximumBarG !== null &&
      duty.airMinimumBarG > duty.airMaximumBarG
    ) {
      context.addIssue({
        code: "custom",
        path: ["airMaximumBarG"],
        message: "Maximum air supply is below the minimum.",
      });
    }
    if (
      duty.ambientMinimumC !== null &&
      duty.ambientMaximumC !== null &&
      duty.ambientMinimumC > duty.ambientMaximumC
    ) {
      context.addIssue({
        code: "custom",
        path: ["ambientMaximumC"],
        message: "Highest ambient is below the lowest.",
      });
    }
  });

export type OperatingCase = z.infer<typeof operatingCaseSchema>;
export type Duty = z.infer<typeof dutySchema>;
export type DutyField =
  | Exclude<keyof Duty, "cases" | "fluid">
  | "fluid.family"
  | "fluid.phase"
  | "fluid.name"
  | "cases";

/** A duty with nothing stated yet. */
export const emptyDuty: Duty = {
  dn: null,
  lineDesignation: null,
  endConnection: null,
  pipeSchedule: null,
  fluid: { name: "", family: null, phase: null },
  function: null,
  flowDirection: null,
  shutOff: null,
  fireSafe: null,
  inLineRepair: null,
  operator: null,
  onSupplyLoss: null,
  airMinimumBarG: null,
  airMaximumBarG: null,
  longestShutDays: null,
  strokesPerYear: null,
  ambientMinimumC: null,
  ambientMaximumC: null,
  area: null,
  cases: [],
};
