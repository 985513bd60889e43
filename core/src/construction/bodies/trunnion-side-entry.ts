import { trunnionSideEntryAssembly } from "./assembly/trunnion.ts";
import { type Construction, commonParts } from "./construction.ts";
import { trunnionBall } from "./families/trunnion-ball.ts";

export const trunnionSideEntry: Construction = {
  ...trunnionBall,
  id: "trunnion-side-entry",
  assembly: trunnionSideEntryAssembly,
  name: "Trunnion ball, side entry",
  entry: "side entry, bolted ends",
  limits: [
    "more leak paths, higher cost",
    "seat and cavity arrangement must be selected",
    "must be removed from the line for repair",
  ],
  parts: [...trunnionBall.parts, commonParts.gasket],
  repairInLine: false,
  bodyJoints: 3,
  builtTo: { ...trunnionBall.builtTo, "class 2500": [50, 300] },
};
