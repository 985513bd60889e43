import type { AssemblyOf } from "./assembly/model.ts";
import type { CavityId } from "./cavity.ts";
import type { PassageId } from "./passage.ts";

/** How the closing member is held: what carries the thrust of the line. */
export type Support = "floating" | "trunnion" | "tilting" | "disc" | "plug";

export interface BodyPart {
  readonly id: string;
  /** Of what shows several pieces, or a feature of one; others are called as the piece they show. */
  readonly name?: string;
  /** Pieces it shows, those of them the valve has; the one of its own id where nothing is said. */
  readonly shows?: readonly string[];
  readonly does: string;
}

/** A way out or through, and the seals that stand in it. */
export interface LeakPath {
  readonly path: string;
  readonly place: "external" | "internal";
  /** First seal, then what stands behind it. */
  readonly seals: readonly string[];
  /** The pieces that are those seals. */
  readonly pieces: readonly string[];
}

/**
 * What rubs when it turns, so that its torque can be reckoned; null where it does not rub, and what it takes is the
 * maker's to say.
 */
export type Rubbing =
  /** Seats that take the thrust of the line; `seats` is their friction against that of two plain rings. */
  | { readonly by: "seats under thrust"; readonly seats: number }
  /** Seats pressed by springs and pressure, bearings that take the thrust. */
  | { readonly by: "sprung seats"; readonly count: 1 | 2 }
  /** A ring or a lining around a disc; its load's arm in halves of the bore. */
  | { readonly by: "rim of a disc"; readonly arm: number }
  /** A sleeve or a film all round a plug: pressed so hard, and so much of its dry friction left. */
  | { readonly by: "sleeve"; readonly pressedMPa: number; readonly easing: number };

/** One construction of quarter-turn valve: what it can do, where it ends, and what it is made of. */
export interface Construction {
  readonly id: string;
  readonly name: string;
  readonly closure: "ball" | "segment" | "disc" | "plug";
  /** How it passes what flows, where its maker states no trims. */
  readonly flows: PassageId;
  readonly support: Support;
  readonly stroke: "quarter turn" | "rising stem";
  readonly rubbing: Rubbing | null;
  readonly entry: string;
  readonly ways: 2 | 3;
  /** From which side it seals by nature; a product line may promise less. */
  readonly direction: "both ways" | "one way";
  readonly strengths: readonly string[];
  readonly limits: readonly string[];
  readonly parts: readonly BodyPart[];
  /** Its pieces and joints, by how seats and cavity are arranged. */
  readonly assembly: AssemblyOf;
  /** Arrangements of seats and cavity it can be built with. */
  readonly cavities: readonly CavityId[];
  readonly repairInLine: boolean;
  /** Bolted or screwed joints of the pressure shell, the bonnet included, the stem not. */
  readonly bodyJoints: number;
  readonly throttling: "fine" | "coarse" | "no";
  /** 0 clean only … 4 slurry. */
  readonly dirtyService: 0 | 1 | 2 | 3 | 4;
  readonly cutsFibres: boolean;
  /** False where a lining keeps the fluid off body and shaft. */
  readonly bodyWetted: boolean;
  /** Whether any of the line's contents stay in the body when it is shut. */
  readonly holdsCavity: boolean;
  readonly fullBore: boolean;
  /** Sleeve or sealant takes hold of the plug while it stands still. */
  readonly gripsAtRest?: true;
  /** Highest temperature a sealant it depends on stays in place at, °C (indicative); null where none seals it. */
  readonly sealantMaximumC: number | null;
  readonly seatKinds: readonly ("polymer" | "metal")[];
  /** Shut-off a good one reaches, by kind of seat (rates of ISO 5208). */
  readonly bestShutOff: Readonly<Partial<Record<"polymer" | "metal", string>>>;
  /** Whether one seat or lining stands a vacuum behind it. */
  readonly standsVacuum: boolean;
  /** Largest size built in each class, for candidates no catalogue offers. */
  readonly builtTo: Readonly<Record<string, readonly [fromDn: number, toDn: number]>>;
}

/** Parts nearly every construction has, so that each file lists only what is its own. */
export const commonParts = {
  body: { id: "body", does: "Holds line pressure and the ends." },
  stem: {
    id: "stem",
    does: "Turns the closing member. A shoulder inside the body prevents blow-out.",
  },
  packing: { id: "packing", does: "Seals the stem to the outside." },
  gland: { id: "gland", does: "Loads the packing." },
  ball: { id: "ball", does: "Closes the bore." },
  seats: {
    id: "seats",
    name: "seats",
    shows: ["seats", "near-seat", "far-seat", "upstream-seat", "downstream-seat"],
    does: "Seal against the ball.",
  },
  gasket: { id: "gasket", does: "Seals the joint of the body." },
} as const satisfies Record<string, BodyPart>;
