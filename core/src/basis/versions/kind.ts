import { z } from "zod";

export type Document = Readonly<Record<string, unknown>>;

/** One step of a format: turns a document of the version before into the next. */
export interface VersionStep {
  readonly to: number;
  /** What changed, as a sentence for the reader of an old document. */
  readonly says: string;
  /** Names that older documents did not have: their absence is not a difference. */
  readonly adds?: readonly string[];
  /** Never changes its input. */
  readonly upcast: (document: Document) => Document;
}

/** A document brought up to the newest version of its kind, and the steps it took. */
export interface Upcast {
  readonly document: Document;
  readonly was: number;
  readonly steps: readonly VersionStep[];
}

export interface Unreadable {
  readonly code: "not-a-document" | "another-kind" | "from-a-newer-release";
  readonly message: string;
}

/** A kind of stored document: every version ever written can be read, step by step. */
export interface DocumentKind {
  readonly name: string;
  /** Format a document of the newest version names. */
  readonly newest: string;
  readonly upcast: (document: unknown) => Upcast | Unreadable;
  /** Schema that brings a document of any version up and then checks it against the newest. */
  readonly reading: <T>(newest: z.ZodType<T>) => z.ZodType<T>;
}

const isObject = (value: unknown): value is Document =>
  typeof value === "object" && value !== null && !Array.isArray(value);

/**
 * Declares a kind of stored document.
 *
 * @param name in the format, for example "duty"
 * @param steps in rising order; the last one's version is the newest
 * @param unmarked version of a document that names no format; null where every document names one
 * @returns the kind: reads old → upcast step by step → newest
 * @example documentKind("note", [], 1).newest // → "proven-seat-note/1"
 */
export function documentKind(
  name: string,
  steps: readonly VersionStep[],
  unmarked: number | null = null,
): DocumentKind {
  const newestVersion = steps.at(-1)?.to ?? 1;
  const marked = new RegExp(`^proven-seat-${name}/(\\d+)$`);
  const newest = `proven-seat-${name}/${newestVersion}`;
  const upcast = (document: unknown): Upcast | Unreadable => {
    if (!isObject(document))
      return { code: "not-a-document", message: `A ${name.replaceAll("-", " ")} must be a JSON object.` };
    const { format } = document;
    const was = format === undefined ? unmarked : Number(marked.exec(String(format))?.[1] ?? Number.NaN);
    if (was === null)
      return { code: "not-a-document", message: `The document names no format, for example "${newest}".` };
    if (!(was >= 1))
      return {
        code: "another-kind",
        message: `"${String(format)}" is not a known format of a ${name.replaceAll("-", " ")}.`,
      };
    if (was > newestVersion)
      return {
        code: "from-a-newer-release",
        message: `"${String(format)}" was written by a newer release. This release reads formats up to "${newest}". Update this installation.`,
      };
    const versionSteps = steps.filter(({ to }) => to > was);
    let brought = document;
    for (const step of versionSteps) {
      try {
        brought = { ...step.upcast(brought), format: `proven-seat-${name}/${step.to}` };
      } catch {
        // A document of an old version that was never valid, so it cannot be updated.
        return {
          code: "not-a-document",
          message: `The ${name.replaceAll("-", " ")} is not a complete document of version ${step.to - 1} and cannot be updated to version ${step.to}.`,
        };
      }
    }
    return {
      document: format === undefined ? { ...brought, format: newest } : brought,
      was,
      steps: versionSteps,
    };
  };
  return {
    name,
    newest,
    upcast,
    reading: <T>(schema: z.ZodType<T>): z.ZodType<T> => {
      const reading = z
        .unknown()
        .transform((value, context): unknown => {
          const brought = upcast(value);
          if (!("code" in brought)) return brought.document;
          context.addIssue({ code: "custom", message: brought.message });
          return z.NEVER;
        })
        .pipe(schema as z.ZodType<T, unknown>);
      // Documents written by hand use the newest version, because that schema is published.
      reading._zod.toJSONSchema = () => {
        const { $schema: _, ...rest } = z.toJSONSchema(schema, { io: "input", unrepresentable: "any" });
        return rest;
      };
      return reading;
    },
  };
}
