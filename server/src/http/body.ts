import { cleanText, textFault } from "@proven-seat/core/basis/text";
import { Problem } from "./problem.ts";

/** Limits of a body, whatever its schema. The largest valid body is a list of ten thousand tags. */
export const bodyLimits = {
  bytes: 25 * 2 ** 20,
  /** A project's file, packed: ten thousand tags with a sheet each are some hundred megabytes. */
  fileBytes: 256 * 2 ** 20,
  depth: 24,
  values: 3_000_000,
  keys: 2000,
} as const;

const mostFaults = 100;

interface Walk {
  values: number;
  readonly errors: { field: string; message: string }[];
}

const tooLarge = (says: string) => new Problem(422, "too-large", `${says} Nothing was stored.`);

function cleaned(value: unknown, depth: number, path: readonly (string | number)[], walk: Walk): unknown {
  if (++walk.values > bodyLimits.values)
    throw tooLarge(`The request contains more than ${bodyLimits.values} values.`);
  if (typeof value === "string") return cleanedText(value, path, walk);
  if (typeof value !== "object" || value === null) return value;
  if (depth === bodyLimits.depth)
    throw tooLarge(`${path.join(".")}: the request is nested more than ${bodyLimits.depth} levels deep.`);
  if (Array.isArray(value)) {
    for (let i = 0; i < value.length; i++) value[i] = cleaned(value[i], depth + 1, [...path, i], walk);
    return value;
  }
  const entries = Object.entries(value);
  if (entries.length > bodyLimits.keys)
    throw tooLarge(`${path.join(".") || "The request"}: more than ${bodyLimits.keys} names in one object.`);
  // Defined, not assigned: a name such as __proto__ is an ordinary name, for the schema to refuse.
  const clean = Object.create(Object.prototype) as Record<string, unknown>;
  for (const [key, value] of entries) {
    cleanedText(key, path, walk);
    Object.defineProperty(clean, key, {
      value: cleaned(value, depth + 1, [...path, key], walk),
      enumerable: true,
      writable: true,
      configurable: true,
    });
  }
  return clean;
}

function cleanedText(text: string, path: readonly (string | number)[], { errors }: Walk): string {
  const fault = textFault(text);
  if (fault === null) return cleanText(text);
  if (errors.length < mostFaults) errors.push({ field: path.join("."), message: fault });
  return text;
}

/**
 * Cleans a body, the same for every endpoint: texts are composed and lose invisible characters, half characters and
 * control characters are refused at their place, and depth and width are limited.
 */
export function sanitiseBody(body: unknown): unknown {
  const walk: Walk = { values: 0, errors: [] };
  const clean = cleaned(body, 0, [], walk);
  const [first] = walk.errors;
  if (first)
    throw new Problem(
      422,
      "bad-input",
      `${first.field ? `${first.field}: ` : ""}${first.message} Nothing was stored.`,
      {
        errors: walk.errors,
      },
    );
  return clean;
}
