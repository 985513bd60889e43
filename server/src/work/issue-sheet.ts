import { randomUUID } from "node:crypto";
import { LockMode } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { issueSheetSchema, SheetRow } from "@proven-seat/contract";
import {
  drawUpSheet,
  findChoice,
  overrideOf,
  prover,
  type Sheet as SheetDocument,
} from "@proven-seat/core/proof";
import { needsReason } from "@proven-seat/core/rules";
import type { z } from "zod";
import { currentCatalogue, currentHouseRules } from "../store/current.ts";
import { Proof, Sheet } from "../store/entities/sheet.ts";
import { Tag } from "../store/entities/tag.ts";
import { dutyOf } from "../store/stored.ts";
import { notThere, Refusal } from "./refusal.ts";
import { presentTag } from "./tags.ts";

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

/** What the engineer looked at when asking for the sheet; the catalogue and the rules only where they are named. */
type Seen = z.infer<typeof issueSheetSchema>;

const staleTag = (tag: Tag) =>
  new Refusal(
    "stale",
    `Tag ${tag.number} was changed by ${tag.updatedBy} meanwhile. Look at it again before you issue.`,
    { current: presentTag(tag) },
  );

/** What a sheet is proved from: read at one moment, so that it can be compared with what is in force later. */
async function basisOf(em: EntityManager, tagId: string, seen: Seen) {
  const tag = await em.findOne(Tag, { id: tagId }, { populate: ["project"] });
  if (!tag) throw notThere("tag");
  if (tag.version !== seen.version) throw staleTag(tag);
  if (!tag.choice) throw new Refusal("nothing-chosen", "Choose a valve before issuing the sheet.");
  const [catalogue, house] = [await currentCatalogue(em), await currentHouseRules(em)];
  if (seen.catalogueRevision !== undefined && seen.catalogueRevision !== catalogue.revision)
    throw new Refusal(
      "stale-catalogue",
      `Revision ${catalogue.revision} of the catalogue is on the shelf by now; you looked at revision ${seen.catalogueRevision}. Look at the proof again before you issue.`,
    );
  if (seen.houseRuleVersion !== undefined && seen.houseRuleVersion !== house.version)
    throw new Refusal(
      "stale-house-rules",
      `House rules version ${house.version} is in force by now; you looked at version ${seen.houseRuleVersion}. Look at the proof again before you issue.`,
    );
  return { tag, choice: tag.choice, catalogue, house };
}

type Basis = Awaited<ReturnType<typeof basisOf>>;

/** Proves the whole duty once, and the chosen candidate with it; nothing the browser computed is taken over. */
function proved({ tag, choice, catalogue, house }: Basis) {
  const duty = dutyOf(tag);
  const found = findChoice(duty, catalogue.shelf, choice);
  if (!found)
    throw new Refusal(
      "choice-gone",
      "The chosen valve or drive is not a candidate for this duty in the current catalogue. Choose again.",
    );
  const one = prover(duty, catalogue.shelf, house.values);
  const candidate = one.judge(found.valve, found.drive);
  if (needsReason(candidate.verdict) && !choice.overrideReason) {
    const held = candidate.heldBackBy!;
    throw new Refusal(
      "override-needs-reason",
      `The chosen valve ${candidate.verdict === "fails" ? "fails" : "cannot be judged on"} "${held.asks}". Override it with a written reason, or choose another.`,
    );
  }
  const all = one.candidates();
  const standing = all.filter((c) => c.fails === 0).length;
  return { duty, candidate, considered: all.length, standing };
}

/**
 * Issues the next revision of a tag's sheet. It is proved before the tag is locked, for proving takes longer than
 * anybody should wait for a row; under the lock nothing it was proved from may have changed.
 */
export async function issueSheet(
  em: EntityManager,
  tagId: string,
  seen: Seen,
  user: string,
): Promise<SheetRow> {
  const basis = await basisOf(em, tagId, seen);
  const proof = proved(basis);
  return em.fork().transactional(async (tx) => {
    const tag = await tx.findOne(
      Tag,
      { id: tagId },
      { lockMode: LockMode.PESSIMISTIC_WRITE, populate: ["project"] },
    );
    if (!tag) throw notThere("tag");
    if (tag.version !== seen.version) throw staleTag(tag);
    const [catalogue, house] = [await currentCatalogue(tx), await currentHouseRules(tx)];
    if (catalogue.digest !== basis.catalogue.digest || house.version !== basis.house.version)
      throw new Refusal(
        "stale-basis",
        "Catalogue or house rules changed while the sheet was being proved. Look at the proof again and issue it then.",
      );
    return store(tx, tag, { ...basis, ...proof, project: tag.project.$.name }, user);
  });
}

async function store(
  em: EntityManager,
  tag: Tag,
  {
    choice,
    catalogue,
    house,
    duty,
    candidate,
    considered,
    standing,
    project,
  }: Basis & ReturnType<typeof proved> & { readonly project: string },
  user: string,
): Promise<SheetRow> {
  const now = new Date();
  const revision = revisionAfter(await em.count(Sheet, { tag: tag.id }));
  const sheet = drawUpSheet(
    { duty, house, catalogue: catalogue.content, candidate },
    {
      revision,
      issued: { at: now.toISOString(), by: user },
      project,
      tag: { number: tag.number, service: tag.service, unit: tag.unit },
      notes: choice.notes,
      override: overrideOf(candidate, choice.overrideReason, user),
      catalogueDigest: catalogue.digest,
      considered,
      standing,
    },
  );
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
  });
  await em.flush();
  return presentSheetRow(issued);
}
