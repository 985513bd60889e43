import { threeWayAssembly } from "./assembly/three-way.ts";
import type { Construction } from "./construction.ts";
import { threeWayBall } from "./families/three-way-ball.ts";

export const threeWayT: Construction = {
  ...threeWayBall,
  id: "three-way-t",
  assembly: threeWayAssembly,
  name: "Three-way ball, T-port",
  strengths: ["one valve replaces two", "the T-port joins two or all three, mixing or diverting"],
  limits: [...threeWayBall.limits, "cannot shut all ports"],
  parts: [
    ...threeWayBall.parts,
    { id: "port", name: "T-port", shows: ["ball"], does: "Drilled as a T through the ball." },
  ],
};
