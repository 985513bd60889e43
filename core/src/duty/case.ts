import { z } from "zod";
import { amount, pressure, temperature, text } from "./limits.ts";
import { caseKinds, flowBases, phases } from "./words.ts";

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
    /** Phase in this case where it differs from the duty's. */
    phase: z.enum(phases).nullable().default(null),
    /** How much flows, in `rateBasis`; a case may be without flow. */
    rate: amount("Flow", 0, 1e9, ""),
    rateBasis: z.enum(flowBases).default("m³/h"),
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

export type OperatingCase = z.infer<typeof operatingCaseSchema>;
