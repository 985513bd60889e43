import { centredBy, gaskets, retained, retainedSeat, stemFromInside, stemUpwards } from "./groups.ts";
import { type AssemblyOf, joint, piece } from "./model.ts";

const snug =
  "Tighten the 4 retainer screws until just tight, no further. The line flanges press the seat into place. Do not use shims or a feeler gauge.";

/** Segment on two shafts: the seat under a retainer, the shaft pinned. */
export const segmentAssembly: AssemblyOf = () => {
  const shaft = stemUpwards(["pins"]);
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      ...retainedSeat({
        screws: 4,
        retainer: "seat retainer",
        seat: "seat",
        gasket: "seat gasket",
        oriented: "face towards the segment",
        seatAt: "open",
        centring: [centredBy("segment")],
        tightened: snug,
      }),
      piece("pins", "taper pins", "retainer", {
        count: 2,
        heldBy: ["seat"],
        out: "along the bore",
        at: "open",
      }),
      ...shaft.pieces,
      piece("cover-bolts", "lower cover bolts", "bolting", { count: 4, holds: "the stem" }),
      piece("cover", "lower cover", "shell", { heldBy: ["cover-bolts"], out: "down" }),
      piece("gasket", "cover gasket", "seal", { heldBy: ["cover"], out: "down", ofSet: gaskets }),
      piece("lower-shaft", "lower shaft", "stem", { heldBy: ["cover", "pins"], out: "down" }),
      piece("segment", "segment", "closing member", {
        heldBy: ["seat", "stem", "lower-shaft"],
        out: "along the bore",
        at: "open",
        oriented: "notch towards the inlet",
      }),
      piece("bearings", "bearings", "bearing", { count: 2, heldBy: ["segment"] }),
    ],
    joints: [
      shaft.joint,
      joint("seat", "between seat and segment", ["upstream", "downstream"], ["seat"]),
      joint("back", "behind the seat", ["upstream", "downstream"], ["seat-ring"]),
      joint("cover", "lower shaft cover", ["cavity", "outside"], ["gasket"], 1),
      joint("open", "the body behind it is open to the line", ["cavity", "downstream"], ["segment"]),
    ],
    reseat: { pieces: retained, instead: [] },
    sealed: null,
  };
};

/** Ball with a V-notch, and one seat under a retainer. */
export const vPortAssembly: AssemblyOf = () => {
  const stem = stemFromInside("ball");
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      ...retainedSeat({
        screws: 4,
        retainer: "seat retainer",
        seat: "seat",
        gasket: "seat gasket",
        oriented: "face towards the ball",
        centring: [centredBy("ball")],
        tightened: snug,
      }),
      piece("body-bolts", "body studs and nuts", "bolting", { count: 8 }),
      piece("end", "end piece", "shell", { heldBy: ["body-bolts"], out: "along the bore" }),
      piece("gasket", "body gasket", "seal", { heldBy: ["end"], out: "along the bore", ofSet: gaskets }),
      piece("ball", "V-port ball", "closing member", {
        heldBy: ["end", "seat"],
        out: "along the bore",
        at: "shut",
        oriented: "notch towards the seat",
      }),
      ...stem.pieces,
    ],
    joints: [
      stem.joint,
      joint("body", "body joint", ["cavity", "outside"], ["gasket"], 1),
      joint("seat", "between seat and ball", ["upstream", "downstream"], ["seat"]),
      joint("back", "behind the seat", ["upstream", "downstream"], ["seat-ring"]),
      joint("open", "the body behind it is open to the line", ["cavity", "downstream"], ["ball"]),
    ],
    reseat: { pieces: retained, instead: [] },
    sealed: null,
  };
};
