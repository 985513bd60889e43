import { z } from "zod";
import { stemForms } from "../../construction/ends/forms.ts";
import { makerHead, positive, sizeHead, weightAndPrice } from "../drives/shared-schema.ts";
import type { AccessoryKind } from "./kind.ts";

/** A standard coupling: a socket below, an end above. */
const couplingItem = z.strictObject({
  ...sizeHead,
  socketForm: z.enum(stemForms),
  socketAcrossMm: positive,
  socketDepthMm: positive,
  endForm: z.enum(stemForms),
  endAcrossMm: positive,
  endLengthMm: positive,
  solidMm: positive,
  outsideMm: positive,
  ratedTorqueNm: positive,
  ...weightAndPrice,
});
const schema = z.strictObject({
  ...makerHead,
  kind: z.literal("coupling"),
  items: z.array(couplingItem).min(1),
});

/** Whether it is used is decided by the joint. */
export const coupling: AccessoryKind<z.infer<typeof schema>> = {
  kind: "coupling",
  schema,
  columns: [
    "socket_form$",
    "socket_across_mm",
    "socket_depth_mm",
    "end_form$",
    "end_across_mm",
    "end_length_mm",
    "solid_mm",
    "outside_mm",
    "rated_torque_nm",
  ],
  electrical: () => false,
  ofSteel: true,
  wantedBy: () => null,
};
