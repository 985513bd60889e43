/** A sheet of a demo tag as it would be issued, for its best valve or the one given. */
import { defaultHouseRules } from "../src/basis/house/house-rules.ts";
import { waitingAmong } from "../src/judgement/proof/counts.ts";
import { drawUpSheet, type Sheet, type SheetDetails } from "../src/judgement/proof/sheet.ts";
import { demoCatalogue, demoProof, demoTags } from "./demo.ts";

export function sheetOf(number: string, details: Partial<SheetDetails> = {}): Sheet {
  const tag = demoTags.find((t) => t.number === number)!;
  const values = defaultHouseRules();
  const proof = demoProof(number);
  return drawUpSheet(
    {
      duty: tag.duty,
      house: { version: 1, values },
      catalogue: demoCatalogue,
      candidate: proof.candidates[0]!,
    },
    {
      revision: "A",
      issued: { at: "2026-01-02T03:04:05.000Z", by: "engineer" },
      project: "Tarn Ness",
      standards: "",
      tag: { number, service: tag.service, unit: "" },
      notes: "",
      override: null,
      catalogueDigest: "0".repeat(64),
      considered: proof.candidates.length,
      standing: proof.standing,
      cannotTell: waitingAmong(proof.candidates.slice(0, proof.standing)),
      ...details,
    },
  );
}
