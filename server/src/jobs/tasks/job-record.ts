import type { Choice } from "@proven-seat/contract";
import type { HouseRules } from "@proven-seat/core/basis/house";
import { settle } from "@proven-seat/core/duty";
import { type JobOf, jobDocument } from "@proven-seat/core/outcome/documents";
import { jobState, leakPicture } from "@proven-seat/core/outcome/shop";
import { pdfOf } from "../../documents/pdf.ts";
import { dutyOf } from "../../store/stored.ts";
import { type HeldCatalogue, shelfHeld } from "../held.ts";
import { chosenOrBest } from "./chosen-candidate.ts";

interface ToPrint extends Omit<JobOf, "tag"> {
  readonly tag: JobOf["tag"] & { readonly duty: unknown };
  readonly choice: Choice | null;
  readonly catalogue: HeldCatalogue;
  readonly house: HouseRules;
  readonly system: "US" | "metric";
}

/** A job as PDF; a leak is traced again from its observations on the same valve. */
export async function jobRecord(asked: ToPrint): Promise<{ bytes: Uint8Array<ArrayBuffer> }> {
  const { tag, choice, catalogue, house, system, events } = asked;
  const { place, seen } = jobState(events);
  const duty = dutyOf(tag);
  const candidate = place === null ? undefined : chosenOrBest(duty, shelfHeld(catalogue), house, choice);
  const leak =
    candidate && place !== null
      ? leakPicture(candidate.valve, settle(duty, house), house, place, seen)
      : null;
  return { bytes: new Uint8Array(await pdfOf(jobDocument(asked, leak, { system }))) };
}
