import { trunnionWeldedAssembly } from "./assembly/trunnion.ts";
import type { Construction } from "./construction.ts";
import { trunnionBall } from "./families/trunnion-ball.ts";

export const trunnionWelded: Construction = {
  ...trunnionBall,
  id: "trunnion-welded",
  assembly: trunnionWeldedAssembly,
  name: "Trunnion ball, welded body",
  entry: "none: the body is welded shut",
  strengths: [...trunnionBall.strengths, "no body joint: suitable for burial", "light"],
  limits: [
    "seat and cavity arrangement must be selected",
    "cannot be opened: internal wear means replacement",
  ],
  repairInLine: false,
  bodyJoints: 0,
};
