import type { CavityId } from "../cavity.ts";
import { type Centring, type Joint, joint, type Piece, piece } from "./model.ts";

const packings = ["packing", "inner packing", "outer packing"];
const stemRings = ["stem and seat rings", "stem and seat lips"];
/** Parts of sealing sets that close a joint of the body. */
export const gaskets = ["body gasket"];
/** Parts of sealing sets behind a seat ring, and those that are left when they burn. */
export const seatRings = ["stem and seat rings", "stem and seat lips", "seat rings"];
export const fireRings = ["seat fire rings"];

const ejects =
  "The gland can eject under pressure and kill. Stand to one side. Never loosen the gland under pressure.";
/** Caution for every part with a spring behind it. */
export const sprung =
  "Springs are compressed behind this part. They can eject and injure. Release them slowly and keep fingers clear.";

interface Stem {
  readonly pieces: readonly Piece[];
  readonly joint: Joint;
}

const gland = [
  piece("gland-nuts", "gland nuts", "bolting", { count: 2, caution: ejects }),
  piece("gland", "gland", "gland", { heldBy: ["gland-nuts"] }),
];

const contacts = piece("contact-springs", "anti-static contacts", "spring", {
  count: 2,
  heldBy: ["stem"],
  words: {
    off: "Remove the 2 anti-static contacts from the stem.",
    on: "Refit the 2 anti-static contacts in the stem. Check that each springs back when pressed.",
  },
});

/**
 * A stem inserted from inside, which can only fall inwards once the closure is out.
 *
 * @param member piece it turns
 * @param name of the stem
 * @returns stem, thrust washer, packing, gland, contact springs, and the way along them
 */
export const stemFromInside = (member: string, name = "stem"): Stem => ({
  pieces: [
    ...gland,
    piece("stem", name, "stem", {
      heldBy: [member, "packing"],
      out: "inward",
      oriented: "indicator line or flat parallel to the bore when the valve is open",
    }),
    contacts,
    piece("thrust-washer", "thrust washer", "seal", { heldBy: ["stem"], out: "inward" }),
    piece("packing", "packing", "seal", {
      heldBy: ["gland"],
      ofSet: packings,
      oriented: "lips towards the pressure",
    }),
  ],
  joint: joint("stem", `along the ${name}`, ["cavity", "outside"], ["thrust-washer", "packing"]),
});

/**
 * A stem or shaft that is drawn out upwards, with its packing round it.
 *
 * @param heldBy parts that hold it besides gland and packing
 * @param name for the reader
 * @returns shaft, packing, gland, and the way along them
 */
export const stemUpwards = (heldBy: readonly string[], name = "shaft"): Stem => ({
  pieces: [
    ...gland,
    piece("stem", name, "stem", {
      heldBy: ["packing", ...heldBy],
      oriented: "indicator line parallel to the closing member",
    }),
    piece("thrust-washer", "thrust bearing", "bearing", { heldBy: ["stem"] }),
    piece("packing", "packing", "seal", {
      heldBy: ["gland"],
      ofSet: packings,
      oriented: "lips towards the pressure",
    }),
  ],
  joint: joint("stem", `along the ${name}`, ["cavity", "outside"], ["packing"]),
});

/**
 * A stem in a bushing of its own, sealed by rings inside and packing above.
 *
 * @param member piece whose coming out lets the stem go; none where it is drawn out upwards with its bushing
 * @returns stem, rings, bushing, packing, gland, sealant fitting, and the ways along and round them
 */
export const stemInBushing = (
  member: string | null,
): { readonly pieces: readonly Piece[]; readonly joints: readonly Joint[] } => ({
  pieces: [
    ...gland,
    piece("bushing-bolts", "bushing bolts", "bolting", { count: 4, heldBy: ["packing"], holds: "the stem" }),
    piece("bushing", "stem bushing", "retainer", { heldBy: ["bushing-bolts"] }),
    piece("stem", "stem", "stem", {
      heldBy: ["bushing", ...(member ? [member] : [])],
      out: member ? "inward" : "up",
      oriented: "indicator line parallel to the bore when the valve is open",
    }),
    contacts,
    piece("stem-rings", "stem rings", "seal", { count: 2, heldBy: ["stem"], ofSet: stemRings }),
    piece("bushing-gasket", "bushing gasket", "seal", { heldBy: ["bushing"] }),
    piece("thrust-washer", "thrust bearing", "bearing", { heldBy: ["stem"] }),
    piece("packing", "packing", "seal", {
      heldBy: ["gland"],
      ofSet: packings,
      oriented: "lips towards the pressure",
    }),
    piece("stem-sealant", "stem sealant fitting", "fitting", {
      caution:
        "A sealant fitting can eject under pressure and kill. Remove only its cap. Never loosen the fitting under pressure.",
    }),
  ],
  joints: [
    joint(
      "stem",
      "along the stem",
      ["cavity", "outside"],
      ["stem-rings", "packing", "stem-sealant:injected"],
    ),
    joint("bushing", "round the stem bushing", ["cavity", "outside"], ["bushing-gasket"]),
  ],
});

/**
 * A seat, or the ring that seats, under a retainer that is screwed from outside.
 *
 * @param names count of screws; names of retainer, seat and gasket; how the seat goes back; position of the closure for
 *   access to the screws and for removing the seat; how the seat is centred; how the screws are tightened if not as
 *   usual
 * @returns screws, retainer, seat and gasket, each held by the one before
 */
export const retainedSeat = (names: {
  readonly screws: number;
  readonly retainer: string;
  readonly seat: string;
  readonly gasket: string;
  readonly oriented: string;
  readonly screwsAt?: Piece["at"];
  readonly seatAt?: Piece["at"];
  readonly centring: readonly Centring[];
  readonly tightened?: string;
}): Piece[] => {
  const out = "along the bore";
  return [
    piece("retainer-screws", "retainer screws", "bolting", {
      count: names.screws,
      out,
      at: names.screwsAt ?? null,
      holds: "nothing",
      before: names.centring,
      words: names.tightened === undefined ? {} : { on: names.tightened },
    }),
    piece("retainer", names.retainer, "retainer", { heldBy: ["retainer-screws"], out }),
    piece("seat", names.seat, "seat", {
      heldBy: ["retainer"],
      out,
      at: names.seatAt ?? null,
      oriented: names.oriented,
    }),
    piece("seat-ring", names.gasket, "seal", { heldBy: ["retainer"], out }),
  ];
};

/** A seat that the closing member centres, its retainer in and its screws still loose. */
export const centredBy = (member: string): Centring => ({
  does: `Start the retainer screws by hand only. Close the ${member} against the seat to centre the seat.`,
  at: "shut",
});

/** The pieces of a retained seat. */
export const retained = ["retainer-screws", "retainer", "seat", "seat-ring"] as const;

/**
 * Blocks that fill the space round the ball, where the arrangement has them.
 *
 * @param cavity arrangement
 * @param heldBy parts that hold them
 * @returns the blocks; none of other arrangements
 */
export const fillersOf = (cavity: CavityId, heldBy: readonly string[]): Piece[] =>
  cavity === "cavity filler"
    ? [piece("fillers", "cavity fillers", "seat", { count: 2, heldBy, out: "along the bore" })]
    : [];

const balls: Partial<Record<CavityId, string>> = {
  "upstream hole": "hole in the ball face points upstream when the valve is closed",
  "slot hole": "hole in the stem slot opens into the bore",
};

/** Position of a ball on assembly, where its arrangement drills it. */
export const ballOriented = (cavity: CavityId): string | null => balls[cavity] ?? null;
