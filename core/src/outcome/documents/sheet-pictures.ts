import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { Assembly } from "../../construction/bodies/assembly/model.ts";
import { sectionViews } from "../../construction/sections/section-views.ts";
import type { View } from "../../construction/sections/shape.ts";
import { settle } from "../../duty/settling/settle.ts";
import { compileShelf } from "../../equipment/catalogue/shelf.ts";
import { assemblyOf } from "../../equipment/catalogue/valve.ts";
import { judgeChoice } from "../../judgement/proof/choice.ts";
import { type Envelope, envelopeOf } from "../../judgement/proof/envelope.ts";
import { fitUpPicture } from "../../judgement/proof/fit-up-picture.ts";
import { fittingSteps } from "../../judgement/proof/fitting-steps.ts";
import { type FlowPicture, flowPicture } from "../../judgement/proof/flow-picture.ts";
import { type SectionData, sectionData } from "../../judgement/proof/section-data.ts";
import type { SheetInputs } from "../../judgement/proof/sheet.ts";
import { type StrokePicture, strokePicture } from "../../judgement/proof/stroke.ts";
import type { PutOnPicture } from "./fit-up-words.ts";

/** Data for the main pictures of a sheet; the renderer decides how they are drawn. */
export interface SheetPictures {
  /** Along the stem, shut. */
  readonly section: { readonly view: View; readonly parts: SectionData["parts"] } | null;
  readonly envelope: Envelope;
  readonly stroke: StrokePicture;
  readonly fitUp: PutOnPicture;
  readonly flow: FlowPicture;
  readonly assembly: Assembly;
}

/**
 * The pictures of a sheet, from the inputs of its proof.
 *
 * @param inputs duty, catalogue extract and keys
 * @param house house rules it was judged by
 * @returns section, envelope and stroke; null where the extract does not hold the candidate
 */
export function sheetPictures(
  inputs: Pick<SheetInputs, "duty" | "catalogue" | "valve" | "drive">,
  house: HouseRules,
): SheetPictures | null {
  const candidate = judgeChoice(inputs.duty, compileShelf(inputs.catalogue), house, inputs);
  if (candidate === null) return null;
  const settled = settle(inputs.duty, house);
  const { construction, dimensions, cavity, thrustN, seatLoadN, parts } = sectionData(
    candidate.valve,
    settled,
    false,
  );
  const fitUp = fitUpPicture(candidate, settled, house);
  const section = { dimensions, openingDegrees: 0, cavity: cavity.id, thrustN, seatLoadN };
  const view = sectionViews(construction, section).find(({ name }) => name === "along the stem");
  return {
    section: view ? { view, parts } : null,
    envelope: envelopeOf(candidate, settled, house),
    stroke: strokePicture(candidate, settled),
    fitUp: { ...fitUp, steps: fittingSteps(fitUp.fitUp, candidate.drive, house) },
    flow: flowPicture(candidate, settled, house),
    assembly: assemblyOf(candidate.valve),
  };
}
