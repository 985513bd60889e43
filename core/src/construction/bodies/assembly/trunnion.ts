import type { CavityId } from "../cavity.ts";
import { ventAndDrain } from "./fitted.ts";
import { fireRings, gaskets, seatRings, sprung, stemInBushing } from "./groups.ts";
import { type AssemblyOf, joint, type Piece, piece } from "./model.ts";

const arrangement: Partial<Record<CavityId, readonly [upstream: string, downstream: string]>> = {
  "two self-relieving": ["self-relieving seat", "self-relieving seat"],
  "self-relieving + double-piston": ["self-relieving seat", "double-piston seat"],
  "two double-piston": ["double-piston seat", "double-piston seat"],
};

/** A sprung seat with its rings, on one side. */
function seatAssembly(side: "upstream" | "downstream", name: string, heldBy: readonly string[]): Piece[] {
  const [id, out] = [`${side}-seat`, "along the bore"] as const;
  return [
    piece(id, `${side} ${name}`, "seat", { heldBy, out, oriented: "face towards the ball", caution: sprung }),
    piece(`${side}-springs`, `${side} seat springs`, "spring", { count: 12, heldBy: [id], out }),
    piece(`${side}-rings`, `${side} seat ring seals`, "seal", { heldBy: [id], out, ofSet: seatRings }),
    piece(`${side}-fire`, `${side} seat fire ring`, "seal", { heldBy: [id], out, ofSet: fireRings }),
  ];
}

const fittings = [
  ventAndDrain,
  piece("seat-sealant", "seat sealant fittings", "fitting", {
    count: 4,
    caution:
      "A sealant fitting can eject under pressure and kill. Remove only its cap. Never loosen the fitting under pressure.",
  }),
];

const seatJoints = [
  joint(
    "upstream-seat",
    "past the upstream seat",
    ["upstream", "cavity"],
    ["upstream-seat", "seat-sealant:injected"],
  ),
  joint(
    "upstream-back",
    "behind the upstream seat",
    ["upstream", "cavity"],
    ["upstream-rings", "upstream-fire:fire"],
  ),
  joint(
    "seat",
    "between seat and ball",
    ["cavity", "downstream"],
    ["downstream-seat", "seat-sealant:injected"],
  ),
  joint("back", "behind the seat", ["cavity", "downstream"], ["downstream-rings", "downstream-fire:fire"]),
  joint("fittings", "vent, drain and sealant fittings", ["cavity", "outside"], ["vent"]),
];

/** Both seats; the ball stays on its trunnion where they come out beside it. */
const reseat = { pieces: ["upstream-seat", "downstream-seat"], instead: [] };

/** Trunnion ball, side entry: two bolted closures, a trunnion plate from below. */
export const trunnionSideEntryAssembly: AssemblyOf = (cavity) => {
  const [up, down] = arrangement[cavity] ?? arrangement["two self-relieving"]!;
  const stem = stemInBushing("ball");
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      ...fittings,
      piece("body-bolts", "closure studs and nuts", "bolting", { count: 24, joints: 2 }),
      piece("closures", "closures", "shell", { count: 2, heldBy: ["body-bolts"], out: "along the bore" }),
      piece("gasket", "body gaskets", "seal", {
        count: 2,
        heldBy: ["closures"],
        out: "along the bore",
        ofSet: gaskets,
      }),
      ...seatAssembly("upstream", up, ["closures"]),
      ...seatAssembly("downstream", down, ["closures"]),
      piece("trunnion-bolts", "trunnion plate bolts", "bolting", { count: 6, holds: "the stem" }),
      piece("trunnion", "lower trunnion", "bearing", {
        heldBy: ["trunnion-bolts"],
        out: "down",
        oriented: "align its mark with the mark on the body",
      }),
      piece("trunnion-gasket", "trunnion gasket", "seal", { heldBy: ["trunnion"], out: "down" }),
      piece("ball", "ball", "closing member", {
        heldBy: ["closures", "upstream-seat", "downstream-seat", "trunnion"],
        out: "along the bore",
        at: "open",
      }),
      piece("bearings", "bearings", "bearing", { count: 2, heldBy: ["ball"] }),
      ...stem.pieces,
    ],
    joints: [
      ...stem.joints,
      ...seatJoints,
      joint("body", "body joint", ["cavity", "outside"], ["gasket"], 2),
      joint("trunnion", "trunnion cap", ["cavity", "outside"], ["trunnion-gasket"], 1),
    ],
    reseat,
    sealed: null,
  };
};

/** Trunnion ball, top entry: stem and ball lift out once the seats are drawn back with their tool. */
export const trunnionTopEntryAssembly: AssemblyOf = (cavity) => {
  const [up, down] = arrangement[cavity] ?? arrangement["two self-relieving"]!;
  const stem = stemInBushing(null);
  const held = ["cover", "stem"];
  return {
    pieces: [
      piece("body", "body", "shell", { out: "stays" }),
      ...fittings,
      ...stem.pieces
        .filter(({ id }) => !["bushing-bolts", "bushing", "bushing-gasket"].includes(id))
        .map((piece) => (piece.id === "stem" ? { ...piece, heldBy: ["cover", "packing"] } : piece)),
      piece("body-bolts", "cover studs and nuts", "bolting", { count: 12, heldBy: ["gland"] }),
      piece("cover", "cover", "shell", { heldBy: ["body-bolts"] }),
      piece("gasket", "cover gasket", "seal", { heldBy: ["cover"], ofSet: gaskets }),
      piece("seat-tool", "seat tool", "fitting", {
        heldBy: held,
        caution: sprung,
        words: {
          off: "Retract both seats from the ball with the seat tool and hold them there.",
          on: "Release both seats evenly onto the ball. Remove the seat tool.",
        },
      }),
      piece("ball", "ball", "closing member", {
        heldBy: [...held, "seat-tool"],
        at: "open",
        before: [
          { does: "Retract both seats with the seat tool so that the ball fits between them.", at: null },
        ],
      }),
      piece("bearings", "bearings", "bearing", { count: 2, heldBy: ["ball"] }),
      ...seatAssembly("upstream", up, ["ball"]),
      ...seatAssembly("downstream", down, ["ball"]),
    ],
    joints: [
      ...stem.joints.filter(({ id }) => id === "stem"),
      ...seatJoints,
      joint("body", "bonnet joint", ["cavity", "outside"], ["gasket"], 1),
    ],
    reseat,
    sealed: null,
  };
};

/** Trunnion ball, welded body: only outside parts come off. */
export const trunnionWeldedAssembly: AssemblyOf = (cavity) => {
  const [up, down] = arrangement[cavity] ?? arrangement["two self-relieving"]!;
  const stays = (pieces: readonly Piece[]) =>
    pieces.map((piece) => ({ ...piece, heldBy: [], out: "stays" as const }));
  const stem = stemInBushing(null);
  return {
    pieces: [
      piece("body", "welded body", "shell", { out: "stays" }),
      ...fittings,
      ...stays([
        ...seatAssembly("upstream", up, []),
        ...seatAssembly("downstream", down, []),
        piece("ball", "ball", "closing member"),
        piece("bearings", "bearings", "bearing", { count: 2 }),
        piece("gasket", "weld", "seal", { ofSet: gaskets }),
      ]),
      ...stem.pieces,
    ],
    joints: [...stem.joints, ...seatJoints],
    reseat: null,
    sealed: "The body is welded. Stem, packing, fittings and actuator can be removed. Ball and seats cannot.",
  };
};
