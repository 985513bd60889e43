import type { CavityId } from "../cavity.ts";

/** Spaces that a valve keeps apart. */
export type Space = "upstream" | "downstream" | "third way" | "cavity" | "outside";

export const pieceRoles = [
  "shell",
  "closing member",
  "seat",
  "seal",
  "spring",
  "stem",
  "bearing",
  "gland",
  "bolting",
  "retainer",
  "fitting",
] as const;
/** Kind of piece, which decides how it is inspected, measured and renewed. */
export type PieceRole = (typeof pieceRoles)[number];

/** Which way a piece comes out of the body. */
export const ways = ["up", "down", "along the bore", "inward", "stays"] as const;
export type Way = (typeof ways)[number];

/** How pieces are centred on each other. */
export interface Centring {
  readonly does: string;
  /** Position of the closure afterwards; null where it does not move. */
  readonly at: "shut" | null;
}

/** One piece of a valve, or several equal ones at one place. */
export interface Piece {
  readonly id: string;
  readonly name: string;
  readonly role: PieceRole;
  readonly count: number;
  /** False for bolting whose number only the maker knows: `count` is then a guess that nobody is shown. */
  readonly countStated: boolean;
  /** Pieces that have to be off before it. */
  readonly heldBy: readonly string[];
  readonly out: Way;
  /** Position of the closure for its removal; null for any position. */
  readonly at: "open" | "shut" | null;
  /** Parts of a sealing set that are this piece; none where no set affects it. */
  readonly ofSet: readonly string[];
  /** Direction in which it goes back, where there is only one. */
  readonly oriented: string | null;
  /** For screws, the area that pressure acts on: the whole closure, the stem's bore, or none. */
  readonly holds: "the bore" | "the stem" | "nothing";
  /** For bolting, the number of equal joints that share it, each with its own bolts. */
  readonly joints: number;
  /** Danger to the person who removes it. */
  readonly caution: string | null;
  /** What is done to it, where it is not simply removed and put back. */
  readonly words: { readonly off?: string; readonly on?: string };
  /** What is done before it goes back, with all earlier pieces in place. */
  readonly before: readonly Centring[];
  /** Whether it is always replaced, whatever its kind. */
  readonly alwaysNew: boolean;
}

/** A seal in a joint. */
export interface SealPlace {
  readonly piece: string;
  readonly role: "primary" | "secondary" | "fire" | "injected";
}

/** A joint between two spaces, with its seals one behind the other. */
export interface Joint {
  readonly id: string;
  readonly name: string;
  readonly between: readonly [Space, Space];
  readonly seals: readonly SealPlace[];
  /** Bolted or screwed joints of the pressure shell that it represents. */
  readonly shellJoints: number;
}

/** A valve as pieces that hold each other and joints that keep its spaces apart. */
export interface Assembly {
  readonly pieces: readonly Piece[];
  readonly joints: readonly Joint[];
  /** How a seat is renewed without pulling the closing member; null where it has to come out. */
  readonly reseat: {
    /** Pieces to remove for it, in any order, besides those that hold them and those loose without them. */
    readonly pieces: readonly string[];
    /** What is done where nothing is removed. */
    readonly instead: readonly string[];
  } | null;
  /** Why it is not dismantled further; null where it is. */
  readonly sealed: string | null;
}

/** A construction's body with an arrangement of seats and cavity. */
export type AssemblyOf = (cavity: CavityId) => Assembly;

/**
 * A piece with the usual defaults.
 *
 * @param id its own among the pieces of the valve
 * @param name as a technician says it
 * @param role its kind
 * @param rest parts that hold it, how it comes out, and everything else
 * @returns the piece: one of it, held by nothing, coming out upwards in any position of the valve
 */
export const piece = (
  id: string,
  name: string,
  role: PieceRole,
  rest: Partial<Omit<Piece, "id" | "name" | "role">> = {},
): Piece => ({
  id,
  name,
  role,
  count: 1,
  countStated: true,
  heldBy: [],
  out: "up",
  at: null,
  ofSet: [],
  oriented: null,
  holds: "the bore",
  joints: 1,
  caution: null,
  words: {},
  before: [],
  alwaysNew: false,
  ...rest,
});

/**
 * A joint with its seals: the first is primary, the others are secondary unless they state otherwise.
 *
 * @param id its own among the joints of the valve
 * @param name where it leaks, as a technician says it
 * @param between the spaces it parts
 * @param seals pieces, from inside; "piece:role" where the role is another
 * @param shellJoints joints of the pressure shell it represents
 * @returns the joint
 */
export const joint = (
  id: string,
  name: string,
  between: readonly [Space, Space],
  seals: readonly string[],
  shellJoints = 0,
): Joint => ({
  id,
  name,
  between,
  shellJoints,
  seals: seals.map((written, i) => {
    const [pieceId, role] = written.split(":") as [string, SealPlace["role"]?];
    return { piece: pieceId, role: role ?? (i === 0 ? "primary" : "secondary") };
  }),
});

/**
 * Whether a piece is the bolting of a joint that holds pressure.
 *
 * @param piece a piece of a valve
 * @returns true for studs and screws of body, covers and bushings; false for gland nuts, adjusters and retainer screws
 * @source the assembly: bolting of more than two that carries a pressure load
 * @example isPressureBolting(piece("body-bolts", "body studs and nuts", "bolting", { count: 8 })) // → true
 */
export const isPressureBolting = ({ role, count, holds }: Pick<Piece, "role" | "count" | "holds">): boolean =>
  role === "bolting" && count > 2 && holds !== "nothing";
