import { areaOfFluid } from "./area-of-fluid.ts";
import { casesInOrder } from "./cases-in-order.ts";
import { densityOfFluid } from "./density-of-fluid.ts";
import { equalisingBypass } from "./equalising-bypass.ts";
import { familyOfSubstance } from "./family-of-substance.ts";
import { hazardsSetAside } from "./hazards-set-aside.ts";
import { idleFreezing } from "./idle-freezing.ts";
import { phase } from "./phase.ts";
import { processSurface } from "./process-surface.ts";
import { strengthOfSubstance } from "./strength-of-substance.ts";

export const dutyRules = [
  phase,
  familyOfSubstance,
  strengthOfSubstance,
  densityOfFluid,
  casesInOrder,
  areaOfFluid,
  hazardsSetAside,
  idleFreezing,
  equalisingBypass,
  processSurface,
];
