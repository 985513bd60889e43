import { floatingTwoPieceAssembly } from "./assembly/floating.ts";
import type { Construction } from "./construction.ts";
import { splitFloatingBall } from "./families/split-floating-ball.ts";

export const floatingTwoPiece: Construction = {
  ...splitFloatingBall,
  id: "floating-two-piece",
  assembly: floatingTwoPieceAssembly,
  name: "Floating ball, two-piece",
  entry: "side entry, bolted end",
  strengths: [...splitFloatingBall.strengths, "full bore at moderate cost"],
  limits: [
    ...splitFloatingBall.limits,
    "must be removed from the line for repair",
    "the body joint is loaded by pipe bending",
  ],
  parts: [...splitFloatingBall.parts, { id: "end", does: "Closes the body and holds the second seat." }],
  repairInLine: false,
  bodyJoints: 1,
  builtTo: {
    "class 150": [15, 200],
    "class 300": [15, 150],
    "class 600": [15, 100],
    "PN 16": [15, 200],
    "PN 25": [15, 150],
    "PN 40": [15, 150],
  },
};
