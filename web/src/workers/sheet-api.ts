import type { Reading } from "@proven-seat/core/basis/units";
import { drawUpSheet, overrideOf, waitingAmong } from "@proven-seat/core/judgement/proof";
import { type PrintedDocument, sheetDocument } from "@proven-seat/core/outcome/documents";
import { candidateOf, type Proving } from "./proving.ts";

/** Content of a sheet besides the proof. */
export interface SheetDraft {
  readonly key: string;
  readonly revision: string;
  readonly project: string;
  readonly standards: string;
  readonly tag: { readonly number: string; readonly service: string; readonly unit: string };
  readonly notes: string;
  readonly overrideReason: string | null;
}

/** The sheet of a candidate as it would be issued now, in the same words; null where it is no candidate. */
export function sheetAsIssued(
  proving: Proving,
  { key, notes, overrideReason, ...draft }: SheetDraft,
  reading: Reading,
): PrintedDocument | null {
  const { duty, house, houseVersion, shelf, proof } = proving;
  const candidate = candidateOf(proving, key);
  if (!candidate) return null;
  const by = "the engineer";
  const sheet = drawUpSheet(
    { duty, house: { version: houseVersion, values: house }, catalogue: shelf.catalogue, candidate },
    {
      ...draft,
      issued: { at: "", by: "" },
      notes,
      override: overrideReason ? overrideOf(candidate, overrideReason, by) : null,
      // Not printed, and the whole shelf is long: the server writes it when it issues.
      catalogueDigest: "",
      considered: proof.candidates.length,
      standing: proof.standing,
      cannotTell: waitingAmong(proof.candidates.slice(0, proof.standing)),
    },
  );
  return sheetDocument(sheet, house, reading);
}
