import type { Quantity } from "../../units/definitions.ts";

/** What a column may hold. */
export type FieldKind =
  | { readonly kind: "text"; readonly most: number }
  | { readonly kind: "size" }
  | { readonly kind: "designation" }
  | { readonly kind: "number" }
  | { readonly kind: "yes-no" }
  | { readonly kind: "choice"; readonly options: readonly string[] }
  | { readonly kind: "list"; readonly options: readonly string[] }
  | { readonly kind: "quantity"; readonly quantity: Quantity };

/** A field of a line list: where it goes and which headings mean it. */
export interface LineListField {
  readonly id: string;
  readonly label: string;
  readonly of: "tag" | "case" | "normal" | "maximum";
  readonly holds: FieldKind;
  /** Headings, lower case, without units, spaces reduced to one. */
  readonly headings: readonly string[];
}

/**
 * A column of text.
 *
 * @param most characters
 * @returns what the column holds
 * @throws never
 * @source none: declaration only
 * @example text(40).kind // → "text"
 */
export const text = (most: number): FieldKind => ({ kind: "text", most });

/**
 * A column of one choice.
 *
 * @param options what may stand in it
 * @returns what the column holds
 * @throws never
 * @source none: declaration only
 * @example choice(["a"]).kind // → "choice"
 */
export const choice = (options: readonly string[]): FieldKind => ({ kind: "choice", options });

export const pressure: FieldKind = { kind: "quantity", quantity: "pressure" };
export const temperature: FieldKind = { kind: "quantity", quantity: "temperature" };
export const yesNo: FieldKind = { kind: "yes-no" };
export const number: FieldKind = { kind: "number" };
