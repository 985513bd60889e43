import { type Assembly, joint, type Piece, piece } from "./model.ts";

/** Fittings that a line adds to its bodies, or leaves off, whatever their construction. */
export interface Fitted {
  /** Vent and drain into the cavity. */
  readonly ventAndDrain: boolean;
  /** Fittings through which sealant reaches seats and stem. */
  readonly seatSealant: boolean;
  /** Contacts between ball, stem and body. */
  readonly antiStatic: boolean;
  /** Metal seats need a spring to follow the ball, and seals of their own behind them. */
  readonly metalSeats: boolean;
}

const along = "along the bore";
const behindMetal = [
  piece("near-back", "back seal of the seat on the end-piece side", "seal", {
    heldBy: ["near-seat"],
    out: along,
  }),
  piece("seat-springs", "disc spring of the seat", "spring", { heldBy: ["near-seat"], out: along }),
  piece("far-back", "graphite back seal of the seat in the body", "seal", {
    heldBy: ["far-seat"],
    out: along,
  }),
];

/** A floating ball between metal seats: the seat that takes no thrust has the spring, the other seals when hot. */
const metalSeated = (assembly: Assembly): Assembly => ({
  ...assembly,
  pieces: [...assembly.pieces, ...behindMetal],
  joints: [
    ...assembly.joints,
    joint("upstream-back", "behind the upstream seat", ["upstream", "cavity"], ["near-back"]),
    joint("back", "behind the seat", ["cavity", "downstream"], ["far-back"]),
  ],
});

/** Vent and drain of a cavity. */
export const ventAndDrain = piece("vent", "vent and drain fittings", "fitting", {
  count: 2,
  caution: "The cavity contents come out here. Vent and drain the cavity before any other work.",
  words: {
    off: "Remove the vent fitting at the top, then the drain fitting at the bottom.",
    on: "Refit the vent and drain fittings.",
  },
});

const without = (assembly: Assembly, ids: readonly string[]): Assembly => {
  const left = (id: string) => !ids.includes(id);
  return {
    ...assembly,
    pieces: assembly.pieces
      .filter(({ id }) => left(id))
      .map((piece): Piece => ({ ...piece, heldBy: piece.heldBy.filter(left) })),
    joints: assembly.joints
      .map((joint) => ({ ...joint, seals: joint.seals.filter(({ piece: pieceId }) => left(pieceId)) }))
      .filter(({ seals }) => seals.length > 0),
    reseat: assembly.reseat && { ...assembly.reseat, pieces: assembly.reseat.pieces.filter(left) },
  };
};

/**
 * The pieces and joints of a body as its line makes it.
 *
 * @param assembly of the construction, with its arrangement
 * @param fitted fittings of the line
 * @returns the assembly without the fittings that the line leaves off, and with those it has; with a spring and back
 *   seals where a floating ball sits in metal
 * @source the catalogue
 * @example fittedWith({ pieces: [], joints: [], reseat: null, sealed: null }, { ventAndDrain: true, seatSealant: false, antiStatic: true, metalSeats: false }).pieces.length // → 1
 */
export function fittedWith(assembly: Assembly, fitted: Fitted): Assembly {
  const has = (id: string) => assembly.pieces.some((piece) => piece.id === id);
  const seated = fitted.metalSeats && has("near-seat") && has("far-seat") ? metalSeated(assembly) : assembly;
  const made = without(seated, [
    ...(fitted.ventAndDrain ? [] : ["vent"]),
    ...(fitted.seatSealant ? [] : ["seat-sealant", "stem-sealant"]),
    ...(fitted.antiStatic ? [] : ["contact-springs"]),
  ]);
  if (!fitted.ventAndDrain || made.pieces.some(({ id }) => id === "vent")) return made;
  return {
    ...made,
    pieces: [...made.pieces, ventAndDrain],
    joints: [...made.joints, joint("fittings", "vent and drain", ["cavity", "outside"], ["vent"])],
  };
}
