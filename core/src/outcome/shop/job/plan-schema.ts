import { z } from "zod";
import type { Unit } from "../../../basis/units/unit.ts";
import { pieceRoles, ways } from "../../../construction/bodies/assembly/model.ts";
import { planKinds, type ShopPlan } from "../plan.ts";
import { stages } from "../step.ts";

const words = (maximum: number) => z.string().max(maximum);
const list = () => z.array(words(1000)).max(200);
const unit = words(20) as z.ZodType<string> as z.ZodType<Unit>;
const renew = z.enum(["always", "if worn"]).nullable();
const count = z.int().min(0).max(10_000);

const measure = z.strictObject({
  what: words(200).min(1),
  unit,
  least: z.number().nullable(),
  most: z.number().nullable(),
  source: words(400),
});

const step = z.strictObject({
  stage: z.enum(stages),
  does: words(900).min(1),
  figures: z
    .array(z.strictObject({ what: words(400), value: z.union([z.number(), words(400)]), unit }))
    .max(50),
  cautions: list(),
  piece: z
    .strictObject({ id: words(200), name: words(200), role: z.enum(pieceRoles), count, way: z.enum(ways) })
    .nullable(),
  at: z.enum(["open", "shut"]).nullable(),
  look: list(),
  measures: z.array(measure).max(50),
  renew,
  // Plans of older releases do not have it.
  toFind: z
    .strictObject({
      innerMm: z.number(),
      ratedBarG: z.number(),
      friction: z.number(),
      utilisationPercent: z.number(),
    })
    .nullable()
    .default(null),
});

/** A plan stored with a job: as it was when the work started, even if later releases plan differently. */
export const shopPlanSchema: z.ZodType<ShopPlan> = z.strictObject({
  kind: z.enum(planKinds),
  steps: z.array(step).max(500),
  count: z.array(z.strictObject({ id: words(200), name: words(200), count, renew })).max(500),
  limits: words(2000).nullable(),
});
