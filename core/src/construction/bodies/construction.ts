import type { AssemblyOf } from "./assembly/model.ts";
import type { CavityId } from "./cavity.ts";
import type { PassageId } from "./passage.ts";

/** How the closure is held, and so what carries the thrust of the line pressure. */
export type Support = "floating" | "trunnion" | "tilting" | "disc" | "plug";

export interface BodyPart {
  readonly id: string;
  /** Name of a part that shows several pieces, or a feature of one; other parts take the name of their piece. */
  readonly name?: string;
  /** Pieces it shows, as far as the valve has them; by default the one with its own id. */
  readonly shows?: readonly string[];
  readonly does: string;
}

/** A leak path with its seals. */
export interface LeakPath {
  readonly path: string;
  readonly place: "external" | "internal";
  /** First seal, then the ones behind it. */
  readonly seals: readonly string[];
  /** The pieces that are those seals. */
  readonly pieces: readonly string[];
}

/**
 * Surfaces that rub when it turns, for the computed torque; null where they do not rub and only the maker knows the
 * torque.
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

/** One construction of quarter-turn valve: its capabilities, its limits and its parts. */
export interface Construction {
  readonly id: string;
  readonly name: string;
  readonly closure: "ball" | "segment" | "disc" | "plug";
  /** Its flow passage, used where the maker states no trims. */
  readonly flows: PassageId;
  readonly support: Support;
  readonly stroke: "quarter turn" | "rising stem";
  readonly rubbing: Rubbing | null;
  readonly entry: string;
  readonly ways: 2 | 3;
  /** Side from which it seals by design; a product line may promise less. */
  readonly direction: "both ways" | "one way";
  readonly strengths: readonly string[];
  readonly limits: readonly string[];
  readonly parts: readonly BodyPart[];
  /** Its pieces and joints, for each arrangement of seats and cavity. */
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
  /** Sleeve or sealant grips the plug while it is idle. */
  readonly gripsAtRest?: true;
  /** Highest temperature of the sealant it depends on, °C (indicative); null where it needs none. */
  readonly sealantMaximumC: number | null;
  readonly seatKinds: readonly ("polymer" | "metal")[];
  /** Shut-off class of a good one, by kind of seat (rates of ISO 5208). */
  readonly bestShutOff: Readonly<Partial<Record<"polymer" | "metal", string>>>;
  /** Whether a seat or lining withstands vacuum behind it. */
  readonly standsVacuum: boolean;
  /** Largest size built in each class, for candidates no catalogue offers. */
  readonly builtTo: Readonly<Record<string, readonly [fromDn: number, toDn: number]>>;
}

/** Parts that nearly every construction has, so that each file lists only its own. */
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
