import type { z } from "zod";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Quantity } from "../../basis/units/definitions.ts";
import type { DutySeen, OwnValue } from "./seen.ts";

/** Order of a field among the others, on the panel and in documents. */
export const groups = ["line", "fluid", "task", "drive", "site", "case"] as const;
export type Group = (typeof groups)[number];

/** Type of a field's value, for reading, writing and entry. */
export type Holds =
  | {
      readonly kind: "text";
      readonly most: number;
      /** Example of a text that is parsed. */
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

/** A lowest and a highest value that belong together and may not cross. */
interface RangeEnd {
  readonly name: string;
  readonly end: "low" | "high";
  /** Said where they cross, at the high end. */
  readonly crossed: string;
}

/**
 * One field of a duty. Its file holds everything about it: schema, settling, questions, completeness, search range,
 * line lists, panel and words in documents are read from here.
 */
interface FieldSeeing<Path extends string, Stated, Seen> {
  /** Where it lives in a duty; a case's as `cases.…`. */
  readonly path: Path;
  /** Its name; it can begin a sentence. */
  readonly label: string;
  /** A shorter name for narrow places; by default the label in small letters. */
  readonly short?: string;
  readonly group: Group;
  readonly holds: Holds;
  /** Checks the stated value; null means not stated unless the schema says otherwise. */
  readonly schema: z.ZodType<Stated>;
  /** Value in an empty duty; null if not given. */
  readonly unstated?: Stated;
  /** Headings of line lists for it besides its label: lower case, without units. */
  readonly headings: readonly string[];
  /**
   * Concepts of the lexicon (line-list/lexicon) that mean it when they occur together, in any order; "~" before them
   * marks a weak match.
   */
  readonly means?: readonly string[];
  /** Other spellings of its options in lists: any language, separated by commas; "~" marks a guess. */
  readonly written?: Readonly<Record<string, string>>;
  readonly range?: RangeEnd;
  /** Why an order needs it; a field without a reason is never reported as missing. */
  readonly why?: string;
  /** Whether it is shown for entry; always by default. */
  readonly shown?: (duty: Seen) => boolean;
  /** Whether the rest of the duty makes it relevant; always by default. */
  readonly raised?: (duty: Seen) => boolean;
  /** Nothing may be assumed for it: the proof waits. */
  readonly mustBeKnown?: true;
  /** Where it is blank and not relevant by itself, it counts as none and is reported once with its group. */
  readonly takenAsNone?: {
    readonly belongsTo: "fluid" | "task";
    /** Values it could turn out to have, to test whether anything depends on it. */
    readonly mightBe: NonNullable<Stated>;
  };
  /** The assumption in words, where the settled value alone does not explain it. */
  readonly assumed?: string;
  /** Other values it could turn out to have: proving with each shows how much depends on it. */
  readonly otherwise?: (duty: Seen) => readonly NonNullable<Stated>[];
  /** Range over which it is varied to find breaking points; not varied by default. */
  readonly moves?: readonly [least: number, most: number];
}

interface AssumedFieldSeeing<Path extends string, Stated, Settled, Seen>
  extends FieldSeeing<Path, Stated, Seen> {
  readonly settle: (duty: Seen, house: HouseRules) => Settled;
}

/** A field as its file declares it: it reads its own value and those of `DutySeen`. */
export type Field<Path extends string, Stated> = FieldSeeing<Path, Stated, DutySeen & OwnValue<Path, Stated>>;

/** A field for which the rules assume a value. */
export type AssumedField<Path extends string, Stated, Settled = NonNullable<Stated>> = AssumedFieldSeeing<
  Path,
  Stated,
  Settled,
  DutySeen & OwnValue<Path, Stated>
>;

/** Any field, for questions about a duty of the given type; without a type only its words are read. */
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

/** The last part of a path: the name of its settled value for the rules. */
export const lastOf = (path: string): string => path.slice(path.lastIndexOf(".") + 1);
