import { randomUUID } from "node:crypto";
import { isDeepStrictEqual } from "node:util";
import { LockMode } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { issueSheetSchema, SheetRow } from "@proven-seat/contract";
import type { Sheet as SheetDocument } from "@proven-seat/core/judgement/proof";
import type { z } from "zod";
import type { Jobs } from "../jobs/jobs.ts";
import { basisOfProject } from "../store/bases.ts";
import { catalogueContent, catalogueInForce, currentHouseRules } from "../store/current.ts";
import { Project } from "../store/entities/project.ts";
import { Proof, Sheet } from "../store/entities/sheet.ts";
import { Tag } from "../store/entities/tag.ts";
import { notFound, Refusal } from "./refusal.ts";
import { lockedTag, presentTag } from "./tags.ts";

/** A, B … Z, AA, AB …: the letters I and O are left out, as drawings do. */
export function revisionAfter(count: number): string {
  const letters = "ABCDEFGHJKLMNPQRSTUVWXYZ";
  let rest = count;
  let text = "";
  do {
    text = letters[rest % letters.length] + text;
    rest = Math.floor(rest / letters.length) - 1;
  } while (rest >= 0);
  return text;
}

/** A sheet with its proof loaded, as a row. */
export const presentSheetRow = (sheet: Sheet): SheetRow => {
  const { digest, engine, inputs, proof } = sheet.content as SheetDocument;
  return {
    id: sheet.id,
    revision: sheet.revision,
    digest,
    engine,
    issuedAt: sheet.issuedAt.toISOString(),
    issuedBy: sheet.issuedBy,
    valve: inputs.valve,
    drive: inputs.drive,
    verdict: proof.verdict,
    dutyVersion: sheet.proof.unwrap().dutyVersion,
  };
};

/** State seen by the engineer when issuing the sheet; catalogue and rules only where they are given. */
type Seen = z.infer<typeof issueSheetSchema>;

const staleTag = (tag: Tag) =>
  new Refusal(
    "stale",
    `Tag ${tag.number} was changed by ${tag.updatedBy} in the meantime. Check it before you issue.`,
    { current: presentTag(tag) },
  );

/** The sheet that was issued when the same was asked before. */
async function issuedBefore(em: EntityManager, tagId: string, { askedWith }: Seen): Promise<SheetRow | null> {
  if (askedWith === undefined) return null;
  const sheet = await em.findOne(Sheet, { tag: tagId, askedWith }, { populate: ["proof"] });
  return sheet && presentSheetRow(sheet);
}

/** Content of a sheet for comparison: everything except its letter, date and author. */
const readOf = ({ digest, tag, notes, override, project, standards }: SheetDocument) => ({
  digest,
  tag,
  notes,
  override: override && { ...override, by: null },
  project,
  // A sheet of an earlier release has none of them.
  standards: standards ?? "",
});

/** Refuses a revision that is equal to the one before. */
async function needChange(em: EntityManager, tag: Tag, next: SheetDocument): Promise<void> {
  const [last] = await em.find(Sheet, { tag: tag.id }, { orderBy: { issuedAt: "desc" }, limit: 1 });
  if (!last) return;
  const was = last.content as SheetDocument;
  if (was.engine !== next.engine || !isDeepStrictEqual(plain(readOf(was)), plain(readOf(next)))) return;
  throw new Refusal(
    "unchanged",
    `Nothing has changed since revision ${last.revision} of ${tag.number}. No sheet was issued.`,
  );
}

/** As it is read back: undefined values are absent. */
const plain = (value: object): unknown => JSON.parse(JSON.stringify(value));

/** Inputs of a sheet, read at one moment, for comparison with what is in force later. */
async function basisOf(em: EntityManager, tagId: string, seen: Seen) {
  const tag = await em.findOne(Tag, { id: tagId }, { populate: ["project"] });
  if (!tag) throw notFound("tag");
  if (tag.version !== seen.version) throw staleTag(tag);
  if (!tag.choice) throw new Refusal("nothing-chosen", "Choose a valve before issuing the sheet.");
  const { catalogueRevision, houseRuleVersion } = tag.project.$;
  const [catalogue, house] = [
    await catalogueInForce(em, catalogueRevision),
    await currentHouseRules(em, houseRuleVersion),
  ];
  if (seen.catalogueRevision !== undefined && seen.catalogueRevision !== catalogue.revision)
    throw new Refusal(
      "stale-catalogue",
      `The project uses catalogue revision ${catalogue.revision}, but you see revision ${seen.catalogueRevision}. Check the proof again before you issue.`,
    );
  if (seen.houseRuleVersion !== undefined && seen.houseRuleVersion !== house.version)
    throw new Refusal(
      "stale-house-rules",
      `The project uses house rules version ${house.version}, but you see version ${seen.houseRuleVersion}. Check the proof again before you issue.`,
    );
  return { tag, choice: tag.choice, catalogue, house };
}

type Basis = Awaited<ReturnType<typeof basisOf>>;

/** The sheet drawn up by a worker, without letter and date. */
async function drawnUp(
  em: EntityManager,
  { tag, choice, catalogue, house }: Basis,
  { jobs, signal, user }: Asker,
): Promise<SheetDocument> {
  const { number, service, unit, duty } = tag;
  const document = await jobs.runWith(
    "drawUp",
    {
      tag: { number, service, unit, duty },
      project: { name: tag.project.$.name, standards: tag.project.$.standards },
      choice,
      house: { version: house.version, values: house.values },
      user,
    },
    { digest: catalogue.digest, content: await catalogueContent(em, catalogue) },
    signal,
  );
  if ("sheet" in document) return document.sheet;
  if (document.refused === "choice-gone")
    throw new Refusal(
      "choice-gone",
      "The chosen valve or actuator is not a candidate for this duty in the current catalogue. Choose again.",
    );
  throw new Refusal(
    "override-needs-reason",
    `The chosen valve ${document.fails ? "fails" : "cannot be examined on"} "${document.asks}". Override it with a written reason, or choose another.`,
  );
}

/** The requester, and the prover. */
export interface Asker {
  readonly user: string;
  readonly jobs: Jobs;
  readonly signal: AbortSignal;
}

/**
 * Issues the next revision of a tag's sheet. It is proved before the tag is locked, because a proof takes too long for
 * a lock; under the lock its inputs are compared again.
 */
export async function issueSheet(
  em: EntityManager,
  tagId: string,
  seen: Seen,
  asker: Asker,
): Promise<SheetRow> {
  const before = await issuedBefore(em, tagId, seen);
  if (before) return before;
  const basis = await basisOf(em, tagId, seen);
  const drawn = await drawnUp(em, basis, asker);
  return em.fork().transactional(async (tx) => {
    const tag = await lockedTag(tx, tagId);
    const meanwhile = await issuedBefore(tx, tagId, seen);
    if (meanwhile) return meanwhile;
    if (tag.version !== seen.version) throw staleTag(tag);
    // Nobody moves the project on before the sheet is stored.
    await tx.findOne(Project, { id: tag.project.id }, { lockMode: LockMode.PESSIMISTIC_READ, refresh: true });
    const pinned = await basisOfProject(tx, tag.project.id);
    if (
      pinned.catalogueRevision !== basis.catalogue.revision ||
      pinned.houseRuleVersion !== basis.house.version
    )
      throw new Refusal(
        "stale-basis",
        "The project was updated to another catalogue or other house rules during the proof. Check the proof again, then issue the sheet.",
      );
    await needChange(tx, tag, drawn);
    return store(tx, tag, basis, drawn, seen.askedWith ?? null, asker.user);
  });
}

async function store(
  em: EntityManager,
  tag: Tag,
  { catalogue, house }: Basis,
  drawn: SheetDocument,
  askedWith: string | null,
  user: string,
): Promise<SheetRow> {
  const now = new Date();
  const revision = revisionAfter(await em.count(Sheet, { tag: tag.id }));
  const sheet: SheetDocument = { ...drawn, revision, issued: { at: now.toISOString(), by: user } };
  const proof = em.create(Proof, {
    id: randomUUID(),
    tag,
    dutyVersion: tag.dutyVersion,
    catalogueRevision: catalogue.revision,
    houseRuleVersion: house.version,
    engine: sheet.engine,
    digest: sheet.digest,
    content: sheet.proof,
    createdAt: now,
    createdBy: user,
  });
  const issued = em.create(Sheet, {
    id: randomUUID(),
    tag,
    proof,
    revision,
    content: sheet,
    issuedAt: now,
    issuedBy: user,
    askedWith,
  });
  await em.flush();
  return presentSheetRow(issued);
}
