import type { CavityId } from "../cavity.ts";
import { ballOriented, fillersOf, gaskets, stemFromInside } from "./groups.ts";
import { type AssemblyOf, type Joint, joint, type Piece, piece } from "./model.ts";

const seatName: Partial<Record<CavityId, string>> = { "self-relieving seat": "self-relieving seat" };

/** A ball between two seats, with the closures of its body. */
function floating(
  cavity: CavityId,
  { closing, lets, gasket }: { closing: readonly Piece[]; lets: string; gasket: Joint },
): ReturnType<AssemblyOf> {
  const stem = stemFromInside("ball");
  const seat = seatName[cavity] ?? "seat";
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      ...closing,
      piece("near-seat", `${seat} on the end-piece side`, "seat", {
        heldBy: [lets],
        out: "along the bore",
        oriented: "face towards the ball",
      }),
      ...fillersOf(cavity, [lets, "near-seat"]),
      piece("ball", "ball", "closing member", {
        heldBy: [lets, "near-seat", ...(cavity === "cavity filler" ? ["fillers"] : [])],
        out: "along the bore",
        at: "shut",
        oriented: ballOriented(cavity),
      }),
      piece("far-seat", `${seat} in the body`, "seat", {
        heldBy: ["ball"],
        out: "along the bore",
        oriented: "face towards the ball",
      }),
      ...stem.pieces,
    ],
    joints: [
      stem.joint,
      gasket,
      joint("upstream-seat", "past the upstream seat", ["upstream", "cavity"], ["near-seat"]),
      joint("seat", "between seat and ball", ["cavity", "downstream"], ["far-seat"]),
    ],
    reseat: null,
    sealed: null,
  };
}

/** Floating ball, two-piece: an end piece is bolted to the body. */
export const floatingTwoPieceAssembly: AssemblyOf = (cavity) =>
  floating(cavity, {
    closing: [
      piece("body-bolts", "body studs and nuts", "bolting", { count: 8 }),
      piece("end", "end piece", "shell", { heldBy: ["body-bolts"], out: "along the bore" }),
      piece("gasket", "body gasket", "seal", { heldBy: ["end"], out: "along the bore", ofSet: gaskets }),
    ],
    lets: "end",
    gasket: joint("body", "body joint", ["cavity", "outside"], ["gasket"], 1),
  });

/** Floating ball, three-piece: the centre lifts out between two ends that stay in the line. */
export const floatingThreePieceAssembly: AssemblyOf = (cavity) =>
  floating(cavity, {
    closing: [
      piece("body-bolts", "tie bolts", "bolting", { count: 4 }),
      piece("ends", "end pieces", "shell", { count: 2, heldBy: ["body-bolts"], out: "along the bore" }),
      piece("gasket", "body gaskets", "seal", {
        count: 2,
        heldBy: ["ends"],
        out: "along the bore",
        ofSet: gaskets,
      }),
    ],
    lets: "ends",
    gasket: joint("body", "body joint", ["cavity", "outside"], ["gasket"], 2),
  });

/** Floating ball, one-piece: a screwed insert holds the seat in. */
export const floatingOnePieceAssembly: AssemblyOf = (cavity) =>
  floating(cavity, {
    closing: [
      piece("insert", "screwed insert", "shell", {
        out: "along the bore",
        words: {
          off: "Measure how deep the screwed insert sits and mark its position. Then unscrew it evenly.",
          on: "Screw the insert in to its mark. The insert loads the seats. If the maker states a depth or torque, use it instead of the mark.",
        },
      }),
      piece("gasket", "insert seal", "seal", { heldBy: ["insert"], out: "along the bore", ofSet: gaskets }),
    ],
    lets: "insert",
    gasket: joint("body", "round the insert", ["cavity", "outside"], ["gasket"], 1),
  });
