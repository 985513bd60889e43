import { randomUUID } from "node:crypto";
import { importSchema } from "@proven-seat/contract";
import { tagKey } from "@proven-seat/core/basis/text";
import type { z } from "zod";
import { sanitiseBody } from "../../http/body.ts";
import { badInput, Problem } from "../../http/problem.ts";

type Import = z.infer<typeof importSchema>;

/** Rows that go to the database at once. */
const atOnce = 500;

interface Place {
  readonly field: string;
  readonly message: string;
}

export type ReadList =
  | {
      readonly problem: { status: number; kind: string; says: string; more: Problem["more"] };
    }
  | { readonly twice: readonly Place[] }
  | {
      readonly existing: "refuse" | "update";
      readonly later: Import["later"];
      readonly draft: Import["draft"];
      readonly gone: Import["gone"];
      /** Key of each row, and the version of the tag it replaces if it states one. */
      readonly keys: readonly string[];
      readonly versions: readonly (number | null)[];
      /** The rows as JSON, as the database reads them. */
      readonly chunks: readonly string[];
    };

function read(bytes: Uint8Array): ReadList {
  let body: unknown;
  try {
    body = JSON.parse(new TextDecoder("utf-8", { fatal: true }).decode(bytes));
  } catch {
    throw new Problem(400, "not-json", "The request body is not JSON. Nothing was stored.");
  }
  const parsed = importSchema.safeParse(sanitiseBody(body));
  if (!parsed.success) throw badInput(parsed.error);
  const { tags, existing, later, draft, gone } = parsed.data;
  const first = new Map<string, string>();
  const twice: Place[] = [];
  const rows = tags.map(({ version: _, ...tag }, index) => {
    const key = tagKey(tag.number);
    const other = first.get(key);
    if (other === undefined) first.set(key, tag.number);
    else
      twice.push({
        field: `tags.${index}.number`,
        message: `${tag.number} occurs twice in the list${other === tag.number ? "" : `, also as ${other}`}.`,
      });
    return { id: randomUUID(), key, ...tag };
  });
  if (twice.length > 0) return { twice };
  const chunks: string[] = [];
  for (let from = 0; from < rows.length; from += atOnce)
    chunks.push(JSON.stringify(rows.slice(from, from + atOnce)));
  return {
    existing,
    later,
    draft,
    gone,
    keys: rows.map(({ key }) => key),
    versions: tags.map(({ version }) => version ?? null),
    chunks,
  };
}

/** A list as sent, validated and split into batches for the database: ten thousand tags take seconds. */
export function readList({ bytes }: { bytes: Uint8Array }): ReadList {
  try {
    return read(bytes);
  } catch (error) {
    if (!(error instanceof Problem)) throw error;
    const { status, kind, message, more } = error;
    return { problem: { status, kind, says: message, more } };
  }
}
