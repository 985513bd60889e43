import { gaskets, stemFromInside } from "./groups.ts";
import { type AssemblyOf, joint, piece } from "./model.ts";

/** Three-way ball: three ends round one ball, each with its seat. */
export const threeWayAssembly: AssemblyOf = () => {
  const stem = stemFromInside("ball");
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      piece("body-bolts", "end studs and nuts", "bolting", { count: 24, joints: 3 }),
      piece("ends", "end pieces", "shell", { count: 3, heldBy: ["body-bolts"], out: "along the bore" }),
      piece("gasket", "body gaskets", "seal", {
        count: 3,
        heldBy: ["ends"],
        out: "along the bore",
        ofSet: gaskets,
      }),
      piece("seats", "seats", "seat", {
        count: 3,
        heldBy: ["ends"],
        out: "along the bore",
        oriented: "faces towards the ball",
      }),
      piece("ball", "ball", "closing member", {
        heldBy: ["ends", "seats"],
        out: "along the bore",
        at: "shut",
        oriented: "ports aligned with the positions of the actuator",
      }),
      ...stem.pieces,
    ],
    joints: [
      stem.joint,
      joint("body", "body joint", ["cavity", "outside"], ["gasket"], 3),
      joint("seat", "between seat and ball", ["upstream", "downstream"], ["seats"]),
      joint("third", "past the seat of the third port", ["downstream", "third way"], ["seats"]),
      joint("cavity", "past a seat into the body cavity", ["upstream", "cavity"], ["seats"]),
    ],
    reseat: null,
    sealed: null,
  };
};
