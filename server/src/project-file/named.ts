import { digestOf } from "@proven-seat/core/judgement/proof";
import type { RecordName } from "../store/project-records/selects.ts";
import { NoProject } from "./no-project.ts";
import type { Head, RecordOf } from "./records.ts";

interface Basis {
  readonly catalogueRevision: number;
  readonly houseRuleVersion: number;
}

/**
 * References of a file, so that every named record exists and none occurs twice: ids and digests only, whatever their
 * number.
 */
export class Named {
  readonly #revisions = new Set<number>();
  readonly #versions = new Set<number>();
  /** The version of the duty in force, by tag. */
  readonly #tags = new Map<string, number>();
  /** Digest and basis, by proof. */
  readonly #proofs = new Map<string, { readonly digest: string; readonly found: string }>();
  readonly #sheets = new Set<string>();
  readonly #jobs = new Set<string>();
  readonly #once = new Set<string>();
  #decisions = 0;

  /** Takes a record in; records come after those they name. */
  take(name: RecordName, record: unknown): void {
    this.#takes[name]?.(record as never);
  }

  readonly #takes: { readonly [Name in RecordName]?: (record: RecordOf<Name>) => void } = {
    catalogue: ({ revision }) => {
      this.#only("catalogue revision", revision);
      this.#revisions.add(revision);
    },
    houseRules: ({ version }) => {
      this.#only("house rules version", version);
      this.#versions.add(version);
    },
    decision: ({ number, ...basis }) => {
      this.#only("decision", number);
      this.#decisions++;
      this.#basis(basis);
    },
    tag: ({ id, numberKey, dutyVersion }) => {
      this.#only("tag id", id);
      this.#only("tag number", numberKey);
      this.#tags.set(id, dutyVersion);
    },
    duty: ({ tag, version }) => {
      this.#tag(tag);
      this.#only("duty", `${version} of tag ${tag}`);
    },
    proof: ({ id, tag, digest, content, ...basis }) => {
      this.#only("proof id", id);
      this.#tag(tag);
      this.#basis(basis);
      this.#proofs.set(id, { digest, found: digestOf(content) });
    },
    sheet: ({ id, tag, proof, revision, content }) => {
      this.#only("sheet id", id);
      this.#only("sheet", `${revision} of tag ${tag}`);
      this.#tag(tag);
      const named = this.#proofs.get(proof);
      if (named?.digest !== content.digest || named?.found !== digestOf(content.proof))
        throw new NoProject(`Sheet ${revision} does not belong to the proof it names.`);
      this.#sheets.add(id);
    },
    acknowledged: ({ sheet, engine, ...basis }) => {
      this.#basis(basis);
      const { catalogueRevision, houseRuleVersion } = basis;
      this.#only("acknowledgement", `of ${sheet} by ${catalogueRevision}, ${houseRuleVersion}, ${engine}`);
      if (!this.#sheets.has(sheet))
        throw new NoProject("An acknowledgement names a sheet that is not in the file.");
    },
    job: ({ id, tag }) => {
      this.#only("job", id);
      this.#tag(tag);
      this.#jobs.add(id);
    },
    jobPicture: ({ id, job }) => {
      this.#only("picture", id);
      this.#job(job);
    },
    jobEvent: ({ id, job }) => {
      this.#only("entry of a job", id);
      this.#job(job);
    },
    memory: ({ shape }) => this.#only("memory of lists", shape),
  };

  /** Checks that need the whole file. */
  whole({ project }: Head): void {
    if (this.#decisions === 0)
      throw new NoProject("The file does not state the catalogue and house rules of the project.");
    this.#basis(project);
    if (project.opensOn !== null && !this.#tags.has(project.opensOn))
      throw new NoProject("The first tag of the project is not in the file.");
    for (const [tag, version] of this.#tags)
      if (!this.#once.has(`duty ${version} of tag ${tag}`))
        throw new NoProject(`The current duty of tag ${tag} is not in its history.`);
  }

  #only(what: string, which: string | number): void {
    const key = `${what} ${which}`;
    if (this.#once.has(key)) throw new NoProject(`${key} occurs twice.`);
    this.#once.add(key);
  }

  /** Refuses a revision or version that is not in the file. */
  #basis({ catalogueRevision, houseRuleVersion }: Basis): void {
    if (!this.#revisions.has(catalogueRevision) || !this.#versions.has(houseRuleVersion))
      throw new NoProject(
        `Catalogue revision ${catalogueRevision} or house rules version ${houseRuleVersion} is named but not in the file.`,
      );
  }

  #job(id: string): void {
    if (!this.#jobs.has(id))
      throw new NoProject("An entry or a picture belongs to a job that is not in the file.");
  }

  #tag(id: string): void {
    if (!this.#tags.has(id))
      throw new NoProject("A duty, proof, sheet or job belongs to a tag that is not in the file.");
  }
}
