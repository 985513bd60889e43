import { tagKey } from "../../basis/text/tag-key.ts";
import { resolveFluid } from "./fluids.ts";
import type { RowRead } from "./row.ts";

/** An assumption made for a tag, for the user to check and undo. */
export interface Guess {
  readonly row: number;
  readonly number: string;
  readonly column: string;
  readonly field: string;
  readonly says: string;
}

/** Sets a value at a path of at most two parts. */
export function place(target: Record<string, unknown>, id: string, value: unknown) {
  const [head, tail] = id.split(".") as [string, string?];
  if (tail === undefined) target[head] = value;
  else target[head] = { ...(target[head] as object | undefined), [tail]: value };
}

/** A tag as its rows state it, by paths. */
export type TagDraft = Record<string, unknown> & { fluid?: Record<string, unknown> };

/**
 * Applies the meaning of a fluid's name where the list states no value itself.
 *
 * @param tag as its rows state it; known values of the fluid are set in it
 * @param first first row of the tag
 * @param number number of the tag
 * @param undone guesses a person has undone, as "key|field"
 * @returns the assumptions; null where none were made
 */
export function guessFluid(
  tag: TagDraft,
  first: RowRead,
  number: string,
  undone: ReadonlySet<string>,
): Guess | null {
  const { name, substance, family } = (tag.fluid ?? {}) as Record<string, string | undefined>;
  if (substance || family || undone.has(`${tagKey(number)}|fluid.family`)) return null;
  const said = name ?? (tag.service as string | undefined);
  const found = said ? resolveFluid(said) : null;
  const confidence = (found?.confidence ?? 0) * (name ? 1 : 0.85);
  if (!found || confidence < 0.5) return null;
  if (found.substance) place(tag, "fluid.substance", found.substance);
  place(tag, "fluid.family", found.family);
  if (found.phase && tag.fluid?.phase === undefined) place(tag, "fluid.phase", found.phase);
  if (!name) place(tag, "fluid.name", said!.slice(0, 80));
  return {
    row: first.row,
    number,
    column: first.tag.get(name ? "fluid.name" : "service")!.heading,
    field: "fluid.family",
    says: `"${said}" is read as ${found.family}${found.substance ? ` (${found.substance})` : ""}, ${Math.round(confidence * 100)} % certain.`,
  };
}
