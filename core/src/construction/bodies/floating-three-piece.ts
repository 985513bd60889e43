import { floatingThreePieceAssembly } from "./assembly/floating.ts";
import type { Construction } from "./construction.ts";
import { splitFloatingBall } from "./families/split-floating-ball.ts";

export const floatingThreePiece: Construction = {
  ...splitFloatingBall,
  id: "floating-three-piece",
  assembly: floatingThreePieceAssembly,
  name: "Floating ball, three-piece",
  entry: "swing-out centre",
  strengths: [
    ...splitFloatingBall.strengths,
    "centre section swings out: seats and seals are renewed with the ends in the line",
    "ends can be welded with the centre section removed",
  ],
  limits: [...splitFloatingBall.limits, "two body joints", "long bolts load both joints"],
  parts: [
    ...splitFloatingBall.parts,
    { id: "ends", does: "Remain in the line. Bolts hold the centre section between them." },
    { id: "bolts", shows: ["body-bolts"], does: "Clamp both ends to the centre section." },
  ],
  repairInLine: true,
  bodyJoints: 2,
  builtTo: {
    "class 150": [15, 100],
    "class 300": [15, 100],
    "class 600": [15, 80],
    "class 1500": [15, 40],
    "PN 40": [15, 100],
  },
};
