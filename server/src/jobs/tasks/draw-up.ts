import type { Choice } from "@proven-seat/contract";
import type { HouseRules } from "@proven-seat/core/basis/house";
import {
  drawUpSheet,
  findChoice,
  overrideOf,
  prover,
  type Sheet,
  waitingAmong,
} from "@proven-seat/core/judgement/proof";
import { needsReason } from "@proven-seat/core/judgement/rules";
import { dutyOf } from "../../store/stored.ts";
import { type HeldCatalogue, shelfHeld } from "../held.ts";

/** Inputs of a sheet. */
export interface ToDrawUp {
  readonly tag: {
    readonly number: string;
    readonly service: string;
    readonly unit: string;
    readonly duty: unknown;
  };
  readonly project: { readonly name: string; readonly standards: string };
  readonly choice: Choice;
  readonly catalogue: HeldCatalogue;
  readonly house: { readonly version: number; readonly values: HouseRules };
  readonly user: string;
}

export type DrawnUp =
  | { readonly sheet: Sheet }
  | { readonly refused: "choice-gone" }
  | { readonly refused: "override-needs-reason"; readonly fails: boolean; readonly asks: string };

/**
 * Proves the whole duty once, and the selected candidate with it; nothing from the browser is used. Letter and date are
 * set when it is stored.
 */
export function drawUp({ tag, project, choice, catalogue, house, user }: ToDrawUp): DrawnUp {
  const shelf = shelfHeld(catalogue);
  const duty = dutyOf(tag);
  const found = findChoice(duty, shelf, choice);
  if (!found) return { refused: "choice-gone" };
  const proving = prover(duty, shelf, house.values);
  const candidate = proving.judge(found.valve, found.drive);
  if (needsReason(candidate.verdict) && !choice.overrideReason)
    return {
      refused: "override-needs-reason",
      fails: candidate.verdict === "fails",
      asks: candidate.heldBackBy!.asks,
    };
  const candidates = proving.candidates();
  const standing = candidates.filter((c) => c.fails === 0);
  const sheet = drawUpSheet(
    { duty, house, catalogue: shelf.catalogue, candidate },
    {
      revision: "",
      issued: { at: "", by: user },
      project: project.name,
      standards: project.standards,
      tag: { number: tag.number, service: tag.service, unit: tag.unit },
      notes: choice.notes,
      override: overrideOf(candidate, choice.overrideReason, user),
      catalogueDigest: catalogue.digest,
      considered: candidates.length,
      standing: standing.length,
      cannotTell: waitingAmong(standing),
    },
  );
  // Converted to plain JSON data, because findings compute on access.
  return { sheet: JSON.parse(JSON.stringify(sheet)) as Sheet };
}
