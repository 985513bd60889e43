import { z } from "zod";
import { classViFactor, leakagePerDn } from "../reference/leakage.ts";
import { CalculationError, calculation } from "./calculation.ts";

/** Rates of ISO 5208, the tightest first. */
const rates = ["A", "AA", "B", "C", "CC", "D", "E", "EE", "F", "G"] as const;

/** A rate or a class, and the values its allowance follows from. */
export type LeakAllowanceInput =
  | {
      readonly standard: "ISO 5208";
      readonly rate: (typeof rates)[number];
      readonly medium: "liquid" | "gas";
      readonly dn: number;
    }
  | {
      readonly standard: "IEC 60534-4";
      readonly class: "II" | "III" | "IV";
      readonly ratedFlowM3h: number;
      readonly differentialBar?: number | undefined;
    }
  | {
      readonly standard: "IEC 60534-4";
      readonly class: "V";
      readonly seatDiameterMm: number;
      readonly differentialBar: number;
    }
  | {
      readonly standard: "IEC 60534-4";
      readonly class: "VI";
      readonly dn: number;
      readonly differentialBar: number;
    };

/** Per cent of the rated flow. */
const shares = { II: 5e-3, III: 1e-3, IV: 1e-4 } as const;
const mlPerMinOfM3h = 1e6 / 60;

/**
 * Allowed leakage of a closed valve.
 *
 * @param input ISO 5208: rate, medium and DN; IEC 60534-4: class II to IV with the rated flow at the test differential,
 *   m³/h, class V with the seat's diameter, mm, and the differential, bar, class VI with DN and the differential
 * @returns `mlPerMin`, ml/min
 * @throws CalculationError `size-not-listed` for class VI
 * @source ISO 5208 (indicative); IEC 60534-4: 0.5, 0.1, 0.01 % of the rated flow; V 1.8e-7·kPa·mm l/h; VI
 *   3e-3·kPa·factor ml/min
 * @example leakAllowance({ standard: "ISO 5208", rate: "D", medium: "liquid", dn: 15 }).mlPerMin.toFixed(2) // → "0.09"
 */
export function leakAllowance(input: LeakAllowanceInput): { mlPerMin: number } {
  if (input.standard === "ISO 5208")
    return { mlPerMin: (leakagePerDn(input.rate, input.medium)! * input.dn * 60) / 1000 };
  switch (input.class) {
    case "V": {
      const litresPerHour = 1.8e-7 * input.differentialBar * 100 * input.seatDiameterMm;
      return { mlPerMin: (litresPerHour * 1000) / 60 };
    }
    case "VI": {
      const factor = classViFactor(input.dn);
      if (factor === undefined)
        throw new CalculationError("size-not-listed", `Class VI has no factor for DN ${input.dn}.`, "dn");
      return { mlPerMin: 3e-3 * input.differentialBar * 100 * factor };
    }
    default:
      return { mlPerMin: shares[input.class] * input.ratedFlowM3h * mlPerMinOfM3h };
  }
}

/** The values each class needs. */
const wants = {
  II: ["ratedFlowM3h"],
  III: ["ratedFlowM3h"],
  IV: ["ratedFlowM3h"],
  V: ["seatDiameterMm", "differentialBar"],
  VI: ["dn", "differentialBar"],
} as const;

export const leakAllowanceCalculation = calculation<LeakAllowanceInput, { mlPerMin: number }>({
  name: "leak-allowance",
  title: "Permitted leakage of a closed valve",
  source: "ISO 5208 and IEC 60534-4 (indicative)",
  // One flat object, so that its schema is one; which fields belong together is checked afterwards.
  schema: () =>
    z
      .strictObject({
        standard: z.enum(["ISO 5208", "IEC 60534-4"]),
        rate: z.enum(rates).optional(),
        medium: z.enum(["liquid", "gas"]).optional(),
        class: z.enum(["II", "III", "IV", "V", "VI"]).optional(),
        dn: z.number().int().positive().max(5000).optional(),
        ratedFlowM3h: z.number().positive().max(1e7).optional(),
        seatDiameterMm: z.number().positive().max(10_000).optional(),
        differentialBar: z.number().positive().max(10_000).optional(),
      })
      .superRefine((input, context) => {
        const needed: readonly (keyof typeof input)[] =
          input.standard === "ISO 5208"
            ? ["rate", "medium", "dn"]
            : ["class", ...(input.class ? wants[input.class] : [])];
        for (const field of needed)
          if (input[field] === undefined)
            context.addIssue({ code: "custom", path: [field], message: `${field} is required.` });
      }) as unknown as z.ZodType<LeakAllowanceInput>,
  compute: leakAllowance,
});
