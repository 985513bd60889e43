import { randomUUID } from "node:crypto";
import { LockMode } from "@mikro-orm/core";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { SheetRow } from "@proven-seat/contract";
import { catalogueExtract, drawUpSheet, prove, prover } from "@proven-seat/core/proof";
import { notThere, Problem } from "../http/problem.ts";
import { currentCatalogue, currentHouseRules } from "./current.ts";
import { Proof, Sheet } from "./entities/sheet.ts";
import { Tag } from "./entities/tag.ts";
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
export const presentSheetRow = (sheet: Sheet): SheetRow => ({
  id: sheet.id,
  revision: sheet.revision,
  digest: sheet.content.digest,
  engine: sheet.content.engine,
  issuedAt: sheet.issuedAt.toISOString(),
  issuedBy: sheet.issuedBy,
  valve: sheet.content.inputs.valve,
  drive: sheet.content.inputs.drive,
  verdict: sheet.content.proof.verdict,
  dutyVersion: sheet.proof.unwrap().dutyVersion,
});

/**
 * Issues the next revision of a tag's sheet. Everything is proved again here from what is stored;
 * nothing the browser computed is taken over.
 */
export async function issueSheet(
  em: EntityManager,
  tagId: string,
  expectedVersion: number,
  user: string,
): Promise<SheetRow> {
  const tag = await em.findOne(
    Tag,
    { id: tagId },
    { lockMode: LockMode.PESSIMISTIC_WRITE, populate: ["project"] },
  );
  if (!tag) throw notThere("tag");
  if (tag.version !== expectedVersion) {
    throw new Problem(
      409,
      "stale",
      `Tag ${tag.number} was changed by ${tag.updatedBy} meanwhile. Look at it again before you issue.`,
      { current: presentTag(tag) },
    );
  }
  const choice = tag.choice;
  if (!choice) throw new Problem(422, "nothing-chosen", "Choose a valve before issuing the sheet.");
  const [catalogue, house] = [await currentCatalogue(em), await currentHouseRules(em)];
  const { shelf } = catalogue;
  const valve =
    tag.duty.dn === null ? undefined : shelf.valvesFor(tag.duty.dn).find((v) => v.key === choice.valve);
  const drive =
    choice.drive === null
      ? null
      : shelf.families.flatMap((f) => f.drives).find((d) => d.key === choice.drive);
  if (!valve || drive === undefined) {
    throw new Problem(
      422,
      "choice-gone",
      "The chosen valve or drive is not a candidate for this duty in the current catalogue. Choose again.",
    );
  }
  const candidate = prover(tag.duty, shelf, house.values).judge(valve, drive);
  const needsReason = candidate.verdict === "fails" || candidate.verdict === "cannot tell";
  if (needsReason && !choice.overrideReason) {
    const held = candidate.heldBackBy!;
    throw new Problem(
      422,
      "override-needs-reason",
      `The chosen valve ${candidate.verdict === "fails" ? "fails" : "cannot be judged on"} "${held.asks}". Override it with a written reason, or choose another.`,
    );
  }
  const whole = prove(tag.duty, shelf, house.values);
  const revision = revisionAfter(await em.count(Sheet, { tag: tag.id }));
  const now = new Date();
  const sheet = drawUpSheet(
    {
      duty: tag.duty,
      houseRules: { version: house.version, values: house.values },
      catalogue: catalogueExtract(shelf.catalogue, candidate),
      valve: choice.valve,
      drive: choice.drive,
    },
    {
      revision,
      issued: { at: now.toISOString(), by: user },
      project: tag.project.$.name,
      tag: { number: tag.number, service: tag.service, unit: tag.unit },
      notes: choice.notes,
      override: needsReason
        ? {
            reason: choice.overrideReason!,
            by: user,
            rules: candidate.findings
              .filter((f) => f.verdict === "fails" || f.verdict === "cannot tell")
              .map((f) => f.rule),
          }
        : null,
      catalogueDigest: catalogue.digest,
      considered: whole.candidates.length,
      standing: whole.standing,
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
