import type { Question } from "./question.ts";

/** What stops the proof: assuming it could hurt. */
export const mustBeKnown: readonly Question[] = [
  {
    field: "dn",
    label: "Size",
    why: "No candidate can be drawn up without it.",
    isMissing: (d) => d.dn === null,
    assumption: () => null,
  },
  {
    field: "cases",
    label: "Operating cases",
    why: "Class, seat, seals and torque are judged case by case.",
    isMissing: (d) => d.cases.length === 0,
    assumption: () => null,
  },
  {
    field: "fluid.family",
    label: "Service family",
    why: "Decides whether seat, seals and metals stand the fluid.",
    isMissing: (d) => d.fluid.family === null,
    assumption: () => null,
  },
  {
    field: "lineDesignation",
    label: "Line class",
    why: "The valve's flanges must match the line's.",
    isMissing: (d) => d.lineDesignation === null,
    assumption: () => null,
  },
  {
    field: "onSupplyLoss",
    label: "On supply loss",
    why: "Decides between spring, double-acting and electric drives.",
    isMissing: (d) => d.onSupplyLoss === null && d.operator !== "bare stem",
    assumption: () => null,
  },
  {
    field: "fluid.h2sKPa",
    label: "Partial pressure of H₂S",
    why: "Decides sour-service trim, bolting and hardness.",
    isMissing: (d) => d.fluid.h2sKPa === null && d.fluid.family === "sour hydrocarbon",
    assumption: () => null,
  },
];
