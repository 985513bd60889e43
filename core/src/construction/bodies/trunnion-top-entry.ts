import { trunnionTopEntryAssembly } from "./assembly/trunnion.ts";
import type { Construction } from "./construction.ts";
import { trunnionBall } from "./families/trunnion-ball.ts";

export const trunnionTopEntry: Construction = {
  ...trunnionBall,
  id: "trunnion-top-entry",
  assembly: trunnionTopEntryAssembly,
  name: "Trunnion ball, top entry",
  entry: "top entry through a bonnet",
  strengths: [
    ...trunnionBall.strengths,
    "ball and seats are removed upwards: repair in the line",
    "one body joint, away from pipe bending",
  ],
  limits: ["seat and cavity arrangement must be selected", "expensive and heavy", "needs space above"],
  parts: [
    ...trunnionBall.parts,
    { id: "bonnet", shows: ["cover"], does: "Closes the top and carries stem and packing." },
    { id: "bonnet-gasket", shows: ["gasket"], does: "Seals the bonnet." },
  ],
  repairInLine: true,
  bodyJoints: 1,
  builtTo: { ...trunnionBall.builtTo, "class 2500": [50, 300] },
};
