import { floatingOnePieceAssembly } from "./assembly/floating.ts";
import type { Construction } from "./construction.ts";
import { floatingBall } from "./families/floating-ball.ts";

export const floatingOnePiece: Construction = {
  ...floatingBall,
  id: "floating-one-piece",
  assembly: floatingOnePieceAssembly,
  name: "Floating ball, one-piece",
  entry: "end entry through a screwed insert",
  strengths: [
    ...floatingBall.strengths,
    "no body joint loaded by pipe bending",
    "fewest leak paths of all floating ball valves",
  ],
  limits: [...floatingBall.limits, "reduced bore", "must be removed from the line for repair"],
  parts: [
    ...floatingBall.parts,
    {
      id: "insert",
      does: "Holds the seat. Its thread carries no piping load in a flanged body.",
    },
  ],
  cavities: ["plain", "self-relieving seat", "slot hole"],
  repairInLine: false,
  bodyJoints: 1,
  fullBore: false,
  seatKinds: ["polymer"],
  bestShutOff: { polymer: "A" },
  builtTo: { "class 150": [15, 150], "class 300": [15, 100], "class 600": [15, 50], "PN 40": [15, 100] },
};
