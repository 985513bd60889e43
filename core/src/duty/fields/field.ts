import type { z } from "zod";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Quantity } from "../../basis/units/definitions.ts";
import type { DutySeen, OwnValue } from "./seen.ts";

/** Where a field stands among the others, in the panel and on documents. */
export const groups = ["line", "fluid", "task", "drive", "site", "case"] as const;
export type Group = (typeof groups)[number];

/** What a field holds, as far as reading, writing and asking for it go. */
export type Holds =
  | {
      readonly kind: "text";
      readonly most: number;
      /** Of a text that must be read into something: what it looks like. */
      readonly examples?: readonly string[];
    }
  | { readonly kind: "size" }
  | { readonly kind: "designation" }
  | { readonly kind: "substance"; readonly options: readonly string[] }
  | { readonly kind: "number"; readonly unit: string; readonly least: number; readonly most: number }
  | {
      readonly kind: "quantity";
      readonly quantity: Quantity;
      readonly least: number;
      readonly most: number;
    }
  | { readonly kind: "yes-no" }
  | {
      readonly kind: "choice";
      readonly options: readonly string[];
      readonly shown: (option: string) => string;
    }
  | { readonly kind: "set"; readonly options: readonly string[] };

/** A lowest and a highest value that are one thing to a reader, and may not cross. */
interface RangeEnd {
  readonly name: string;
  readonly end: "low" | "high";
  /** Said where they cross, at the high end. */
  readonly crossed: string;
}

/**
 * One field of a duty: everything that is known about it stands in its file. Schema, settling, questions,
 * completeness, reach, line lists, the panel and the words on documents are read from here.
 */
interface FieldSeeing<Path extends string, Stated, Seen> {
  /** Where it lives in a duty; a case's as `cases.…`. */
  readonly path: Path;
  /** What it is called; a sentence begins with it. */
  readonly label: string;
  /** A shorter name where there is little room; the label in small letters where none is given. */
  readonly short?: string;
  readonly group: Group;
  readonly holds: Holds;
  /** Checks what is stated; not stated is null unless it says otherwise. */
  readonly schema: z.ZodType<Stated>;
  /** Value in an empty duty; null if not given. */
  readonly unstated?: Stated;
  /** Headings of line lists that mean it besides its label: lower case, without units. */
  readonly headings: readonly string[];
  /**
   * What headings in anybody's words mean it: concepts of the lexicon (line-list/lexicon) that stand together, in any
   * order; with "~" before them where they do so only for want of better.
   */
  readonly means?: readonly string[];
  /**
   * How its options are written in lists besides by their own names: in any language, parted by commas, with "~" where
   * it is a guess.
   */
  readonly written?: Readonly<Record<string, string>>;
  readonly range?: RangeEnd;
  /** Why an order needs it; a field without it is nobody's gap. */
  readonly why?: string;
  /** Whether it is shown for entry at all; always, where not given. */
  readonly shown?: (duty: Seen) => boolean;
  /** Whether the rest of the duty makes it worth asking; always, where not given. */
  readonly raised?: (duty: Seen) => boolean;
  /** Nothing may be assumed for it: the proof waits. */
  readonly mustBeKnown?: true;
  /** Blank, and its own question not raised, it is taken as none: said once with the others of what it belongs to. */
  readonly takenAsNone?: {
    readonly of: "fluid" | "task";
    /** What it could turn out to be, to see whether anything hangs on it. */
    readonly mightBe: NonNullable<Stated>;
  };
  /** What is assumed, in words, where the settled value alone does not say. */
  readonly assumed?: string;
  /** What else it could turn out to be: proving with each shows how much depends on it. */
  readonly otherwise?: (duty: Seen) => readonly NonNullable<Stated>[];
  /** Range over which it is moved to see what breaks; not moved where not given. */
  readonly moves?: readonly [least: number, most: number];
}

interface AssumedFieldSeeing<Path extends string, Stated, Settled, Seen>
  extends FieldSeeing<Path, Stated, Seen> {
  readonly settle: (duty: Seen, house: HouseRules) => Settled;
}

/** A field as its file declares it: it looks at its own value and at those of `DutySeen`. */
export type Field<Path extends string, Stated> = FieldSeeing<Path, Stated, DutySeen & OwnValue<Path, Stated>>;

/** A field the rules go on without: what they take meanwhile stands beside it. */
export type AssumedField<Path extends string, Stated, Settled = NonNullable<Stated>> = AssumedFieldSeeing<
  Path,
  Stated,
  Settled,
  DutySeen & OwnValue<Path, Stated>
>;

/** Any field, to be asked with a duty of the given type; with none where only its words are read. */
export type AnyField<Seen = never> =
  | FieldSeeing<string, unknown, Seen>
  | AssumedFieldSeeing<string, unknown, unknown, Seen>;

/**
 * A field's name inside a sentence or beside its entry.
 *
 * @param field the field
 * @returns its short name, else its label in small letters
 */
export const shortName = ({ short, label }: Pick<AnyField, "short" | "label">): string =>
  short ?? inSentence(label);

/** Names like H₂S or Z keep their capitals. */
export const inSentence = (label: string): string =>
  /^[A-Z](?![a-z])/.test(label) ? label : label.charAt(0).toLowerCase() + label.slice(1);

/** The last part of a path: what the rules know the settled value by. */
export const lastOf = (path: string): string => path.slice(path.lastIndexOf(".") + 1);
