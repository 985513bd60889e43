import type { CavityId } from "../cavity.ts";

/** What a valve keeps apart. */
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
/** What a piece is, by which it is looked at, measured and renewed. */
export type PieceRole = (typeof pieceRoles)[number];

/** Which way a piece comes out of the body. */
export const ways = ["up", "down", "along the bore", "inward", "stays"] as const;
export type Way = (typeof ways)[number];

/** What is done so that pieces find their places by each other. */
export interface Centring {
  readonly does: string;
  /** How the closing member stands after it; null where it stays. */
  readonly at: "shut" | null;
}

/** One piece of a valve, or several alike at one place. */
export interface Piece {
  readonly id: string;
  readonly name: string;
  readonly role: PieceRole;
  readonly count: number;
  /** Pieces that have to be off before it. */
  readonly heldBy: readonly string[];
  readonly out: Way;
  /** How the closing member stands for it to come out; null whichever way. */
  readonly at: "open" | "shut" | null;
  /** Parts of a sealing set that are this piece; none where every set leaves it alone. */
  readonly ofSet: readonly string[];
  /** How it goes back, where it goes back one way only. */
  readonly oriented: string | null;
  /** Of screws, what pressure lifts against them: all that is shut off, the stem's bore, or nothing. */
  readonly holds: "the bore" | "the stem" | "nothing";
  /** What it may do to whoever takes it off. */
  readonly caution: string | null;
  /** What is done to it, where it is not simply taken out or put back. */
  readonly words: { readonly off?: string; readonly on?: string };
  /** What is done before it goes back, with all that went in before it in place. */
  readonly before: readonly Centring[];
  /** Whether it is always new, whatever pieces of its role are. */
  readonly alwaysNew: boolean;
}

/** A seal that stands in a joint. */
export interface SealPlace {
  readonly piece: string;
  readonly role: "primary" | "secondary" | "fire" | "injected";
}

/** A way from one space to another, and what stands in it, one behind the other. */
export interface Joint {
  readonly id: string;
  readonly name: string;
  readonly between: readonly [Space, Space];
  readonly seals: readonly SealPlace[];
  /** Bolted or screwed joints of the pressure shell that it stands for. */
  readonly shellJoints: number;
}

/** A valve as pieces that hold each other and joints that keep its spaces apart. */
export interface Assembly {
  readonly pieces: readonly Piece[];
  readonly joints: readonly Joint[];
  /** How a seat is renewed without pulling the closing member; null where it has to come out. */
  readonly reseat: {
    /** The pieces that come off for it, in any order, besides what holds them and what is loose without them. */
    readonly pieces: readonly string[];
    /** What is done where nothing comes off. */
    readonly instead: readonly string[];
  } | null;
  /** Why it is not taken apart further; null where it is. */
  readonly sealed: string | null;
}

/** A construction's body with an arrangement of seats and cavity. */
export type AssemblyOf = (cavity: CavityId) => Assembly;

/**
 * A piece with what is usual of it.
 *
 * @param id its own among the pieces of the valve
 * @param name as a technician says it
 * @param role what it is
 * @param of what holds it, how it comes out, what else there is to it
 * @returns the piece: one of it, held by nothing, coming out upwards whichever way the valve stands
 */
export const piece = (
  id: string,
  name: string,
  role: PieceRole,
  of: Partial<Omit<Piece, "id" | "name" | "role">> = {},
): Piece => ({
  id,
  name,
  role,
  count: 1,
  heldBy: [],
  out: "up",
  at: null,
  ofSet: [],
  oriented: null,
  holds: "the bore",
  caution: null,
  words: {},
  before: [],
  alwaysNew: false,
  ...of,
});

/**
 * A joint with its seals, the first of them primary, those behind it secondary unless they say otherwise.
 *
 * @param id its own among the joints of the valve
 * @param name where it leaks, as a technician says it
 * @param between the spaces it parts
 * @param seals pieces, from inside; "piece:role" where the role is another
 * @param shellJoints of the pressure shell it stands for
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
    const [of, role] = written.split(":") as [string, SealPlace["role"]?];
    return { piece: of, role: role ?? (i === 0 ? "primary" : "secondary") };
  }),
});
