import { trunnionWeldedAssembly } from "./assembly/trunnion.ts";
import type { Construction } from "./construction.ts";
import { trunnionBall } from "./families/trunnion-ball.ts";

export const trunnionWelded: Construction = {
  ...trunnionBall,
  id: "trunnion-welded",
  assembly: trunnionWeldedAssembly,
  name: "Trunnion ball, welded body",
  entry: "none: the body is welded shut",
  strengths: [...trunnionBall.strengths, "no body joint to leak: fit to bury", "light"],
  limits: ["cavity logic must be chosen", "cannot be opened: what wears inside ends the valve"],
  repairInLine: false,
  bodyJoints: 0,
};
