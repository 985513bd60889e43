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
    "centre swings out: seats and seals are renewed with the ends in the line",
    "weld ends without heat on the seats when the centre is out",
  ],
  limits: [...splitFloatingBall.limits, "two body joints", "long bolts share the load of both"],
  parts: [
    ...splitFloatingBall.parts,
    { id: "ends", does: "Stay in the line; bolts hold the centre between them." },
    { id: "bolts", shows: ["body-bolts"], does: "Clamp both ends to the centre." },
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
