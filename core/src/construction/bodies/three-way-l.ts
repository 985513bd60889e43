import { threeWayAssembly } from "./assembly/three-way.ts";
import type { Construction } from "./construction.ts";
import { threeWayBall } from "./families/three-way-ball.ts";

export const threeWayL: Construction = {
  ...threeWayBall,
  id: "three-way-l",
  assembly: threeWayAssembly,
  name: "Three-way ball, L-port",
  strengths: [
    "one valve replaces two",
    "the L-port joins the middle to one side or the other, never all three",
  ],
  limits: [...threeWayBall.limits, "all ports are connected for a moment while turning"],
  parts: [
    ...threeWayBall.parts,
    { id: "port", name: "L-port", shows: ["ball"], does: "Drilled as an L through the ball." },
  ],
};
