import { equalisingBypass } from "./equalising-bypass.ts";
import { hazardsSetAside } from "./hazards-set-aside.ts";
import { idleFreezing } from "./idle-freezing.ts";
import { phase } from "./phase.ts";
import { processSurface } from "./process-surface.ts";

export const dutyRules = [phase, hazardsSetAside, idleFreezing, equalisingBypass, processSurface];
