import type { z } from "zod";
import type { AnyField } from "../fields/field.ts";

/**
 * A record with a value for each field directly below a path.
 *
 * @param fields fields of a duty or of a case
 * @param below path they start with, for example "fluid."; "" for those with no dot
 * @param valueFor gives the value for a field
 * @returns values by the last part of the field's path
 * @example fieldsBelow([], "fluid.", () => null) // → {}
 */
export function fieldsBelow<T>(
  fields: readonly AnyField[],
  below: string,
  valueFor: (field: AnyField) => T,
): Record<string, T> {
  return Object.fromEntries(
    fields
      .filter(({ path }) => path.startsWith(below) && !path.slice(below.length).includes("."))
      .map((field) => [field.path.slice(below.length), valueFor(field)]),
  );
}

/**
 * Schemas of the fields below a path, by their own names.
 *
 * @param fields fields of a duty or of a case
 * @param below path they start with, for example "fluid."; "" for those with no dot
 * @returns schema by name
 */
export function schemasOf(fields: readonly AnyField[], below: string): Record<string, z.ZodType> {
  return fieldsBelow(fields, below, ({ schema }) => schema);
}

/**
 * The value at a field's path.
 *
 * @param source a duty, or a case where the path has been cut to its last part
 * @param path parts joined by dots
 * @returns the value; undefined where there is none
 * @example valueAt({ fluid: { name: "water" } }, "fluid.name") // → "water"
 */
export function valueAt(source: unknown, path: string): unknown {
  return path
    .split(".")
    .reduce<unknown>((node, key) => (node as Record<string, unknown> | null | undefined)?.[key], source);
}

/**
 * A copy with the value at a path set; everything else is shared.
 *
 * @param source an object
 * @param path parts joined by dots
 * @param value new value
 * @returns the copy
 * @example withValueAt({ fluid: { name: "" } }, "fluid.name", "water") // → {"fluid":{"name":"water"}}
 */
export function withValueAt<T extends object>(source: T, path: string, value: unknown): T {
  const [head, ...rest] = path.split(".") as [string, ...string[]];
  const inner = (source as Record<string, unknown>)[head];
  return {
    ...source,
    [head]: rest.length === 0 ? value : withValueAt((inner ?? {}) as object, rest.join("."), value),
  };
}
