import { createHash } from "node:crypto";
import { readHouseRules } from "@proven-seat/core/basis/house";
import { readCatalogueDocument } from "@proven-seat/core/equipment/catalogue";
import { digestOf, reprove } from "@proven-seat/core/judgement/proof";
import { projectKind } from "@proven-seat/core/outcome/project-file";
import { type RecordName, recordNames } from "../store/project-records/selects.ts";
import { kindOf, linesOf } from "./lines.ts";
import { Named } from "./named.ts";
import { NoProject } from "./no-project.ts";
import { endSchema, type Head, headSchema, type RecordOf, recordSchemas } from "./records.ts";

/** A checked project file, with the parts that are looked up before the import. */
export interface ReadProject {
  readonly head: Head;
  readonly catalogues: readonly RecordOf<"catalogue">[];
  readonly houseRules: readonly (RecordOf<"houseRules"> & { readonly same: string })[];
}

function json(text: string): Record<string, unknown> {
  try {
    const value: unknown = JSON.parse(text);
    if (typeof value === "object" && value !== null && !Array.isArray(value))
      return value as Record<string, unknown>;
  } catch {
    // Said below.
  }
  throw new NoProject("This is not a record of a project.");
}

const faultOf = (error: {
  readonly issues: readonly { readonly path: PropertyKey[]; readonly message: string }[];
}) => {
  const { path, message } = error.issues[0]!;
  return path.length > 0 ? `${path.join(".")}: ${message}` : message;
};

function readHead(text: string): Head {
  const brought = projectKind.upcast(json(text));
  if ("code" in brought) throw new NoProject(brought.message);
  const head = headSchema.safeParse(brought.document);
  if (!head.success) throw new NoProject(faultOf(head.error));
  return head.data;
}

/** Contents of a record that are checked. */
const checks: { readonly [Name in RecordName]?: (record: RecordOf<Name>) => string | null } = {
  catalogue: ({ revision, digest, content }) => {
    if (digestOf(content) !== digest) return `Catalogue revision ${revision} does not match its digest.`;
    const { faults } = readCatalogueDocument(content);
    return faults.length > 0 ? `Catalogue revision ${revision}: ${faults[0]!.reason}` : null;
  },
  houseRules: ({ content }) => {
    readHouseRules(content);
    return null;
  },
  sheet: ({ revision, content }) => {
    const again = reprove(content);
    const name = `Sheet ${revision} of ${(content as { tag?: { number?: string } }).tag?.number ?? "a tag"}`;
    if ("error" in again) return `${name} cannot be read: ${again.error.message}`;
    if (again.digest !== (content as { digest?: string }).digest)
      return `${name} does not match its digest: it was altered.`;
    // Another engine may judge otherwise; the same one must not.
    return !again.same && again.engine.was === again.engine.now
      ? `${name} gives a different proof: ${again.because.join(" ")}`
      : null;
  },
};

/** A record of the file, validated on its own; its kind precedes it. */
function readRecord(record: Record<string, unknown>): { name: RecordName; data: unknown } {
  const [named, ...more] = Object.keys(record);
  if (named === undefined || more.length > 0 || !Object.hasOwn(recordSchemas, named))
    throw new NoProject(`"${named}" is not a known record of a project file.`);
  const name = named as RecordName;
  const parsed = recordSchemas[name].safeParse(record[name]);
  if (!parsed.success) throw new NoProject(`${name}: ${faultOf(parsed.error)}`);
  let fault: string | null;
  try {
    fault = checks[name]?.(parsed.data as never) ?? null;
  } catch (error) {
    fault = `${name} cannot be read: ${(error as Error).message}`;
  }
  if (fault !== null) throw new NoProject(fault);
  return { name, data: parsed.data };
}

/** Reads line by line: order of the records, parts to keep, references. */
class Reading {
  readonly #hash = createHash("sha256");
  readonly #named = new Named();
  readonly #counts = new Map<RecordName, number>();
  readonly #catalogues: RecordOf<"catalogue">[] = [];
  readonly #houseRules: RecordOf<"houseRules">[] = [];
  #head: Head | null = null;
  #end: { counts: Record<string, number>; digest: string } | null = null;
  #reached = 0;

  take(raw: Buffer): void {
    const text = raw.toString("utf8");
    if (this.#end !== null) throw new NoProject("The file continues after its end record.");
    const record = this.#head === null ? null : json(text);
    if (record === null) this.#head = readHead(text);
    else if ("end" in record) this.#ends(record);
    else this.#record(record, kindOf(text));
    this.#hash.update(raw);
  }

  #record(record: Record<string, unknown>, said: string | undefined): void {
    const { name, data } = readRecord(record);
    // Later steps recognise it by its beginning.
    if (said !== name) throw new NoProject(`The line does not begin with {"${name}".`);
    const index = recordNames.indexOf(name);
    // Each record refers only to earlier ones, so the import can follow the same order.
    if (index < this.#reached) throw new NoProject(`${name} must come before ${recordNames[this.#reached]}.`);
    this.#reached = index;
    this.#named.take(name, data);
    this.#counts.set(name, (this.#counts.get(name) ?? 0) + 1);
    if (name === "catalogue") this.#catalogues.push(data as RecordOf<"catalogue">);
    if (name === "houseRules") this.#houseRules.push(data as RecordOf<"houseRules">);
  }

  #ends(record: Record<string, unknown>): void {
    const last = endSchema.safeParse(record);
    if (!last.success) throw new NoProject(faultOf(last.error));
    this.#end = last.data.end;
    if (this.#end.digest !== this.#hash.copy().digest("hex"))
      throw new NoProject("The file does not match its digest: it was altered after export.");
  }

  whole(): ReadProject {
    const [head, end] = [this.#head, this.#end];
    if (head === null || end === null) throw new NoProject("The file is incomplete: its end is missing.");
    for (const [name, count] of Object.entries(end.counts)) {
      const held = this.#counts.get(name as RecordName) ?? 0;
      if (held !== count)
        throw new NoProject(`The file should contain ${count} of ${name} but contains ${held}.`);
    }
    this.#named.whole(head);
    return {
      head,
      catalogues: this.#catalogues,
      houseRules: this.#houseRules.map((revision) => ({
        ...revision,
        same: digestOf(readHouseRules(revision.content).values),
      })),
    };
  }
}

/**
 * Reads a project's file: every line, every digest, every sheet proved again. Nothing of it is taken over where one
 * thing is not what it says it is.
 *
 * @throws NoProject with the line and what is wrong there
 */
export async function readProjectFile(bytes: Uint8Array): Promise<ReadProject> {
  const reading = new Reading();
  let line = 0;
  for await (const raw of linesOf(bytes)) {
    line++;
    try {
      reading.take(raw);
    } catch (error) {
      throw error instanceof NoProject ? new NoProject(error.message, line) : error;
    }
  }
  return reading.whole();
}
