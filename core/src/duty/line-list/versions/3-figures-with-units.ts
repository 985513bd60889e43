import type { HeadingStep } from "./heading-step.ts";

const renamed: Readonly<Record<string, string>> = {
  "Pipe bore, mm": "Pipe bore (mm)",
  "Density, kg/m³": "Density (kg/m³)",
  "Viscosity, mPa·s": "Viscosity (mPa·s)",
  "Vapour pressure, bar a": "Vapour pressure (bar a)",
  "H₂S, kPa": "Partial pressure of H₂S (kPa)",
};

/** Values with a unit that users may change have headings from which the unit is read. */
export const figuresWithUnits: HeadingStep = {
  says: "The columns density, viscosity, vapour pressure, H₂S and pipe bore name their unit in brackets.",
  isOld: (headings) => headings.some((h) => h in renamed),
  upcast: (headings) => headings.map((h) => renamed[h] ?? h),
};
