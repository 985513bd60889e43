import type { Choice } from "@proven-seat/contract";
import type { HouseRules } from "@proven-seat/core/basis/house";
import { settle } from "@proven-seat/core/duty";
import type { Drive } from "@proven-seat/core/equipment/drives";
import { describeDrive, describeValve, fittingSteps, fitUpPicture } from "@proven-seat/core/judgement/proof";
import { planDocument } from "@proven-seat/core/outcome/documents";
import { type PlanKind, shopPlan } from "@proven-seat/core/outcome/shop";
import { pdfOf } from "../../documents/pdf.ts";
import { dutyOf } from "../../store/stored.ts";
import { type HeldCatalogue, shelfHeld } from "../held.ts";
import { chosenOrBest } from "./chosen-candidate.ts";

interface ToPrint {
  readonly kind: PlanKind;
  readonly tag: {
    readonly number: string;
    readonly service: string;
    readonly unit: string;
    readonly duty: unknown;
  };
  readonly choice: Choice | null;
  readonly project: string;
  readonly address: string;
  readonly catalogue: HeldCatalogue;
  readonly house: HouseRules;
  readonly system: "US" | "metric";
  readonly at: string;
}

function driveWords(drive: Drive): string {
  const { maker, family, size, springSet } = describeDrive(drive);
  return [maker, family, size, springSet].filter(Boolean).join(" ");
}

/** A work plan for a tag's valve as PDF: the selected one, else the best; null where there is none. */
export async function plan(asked: ToPrint): Promise<{ bytes: Uint8Array<ArrayBuffer> | null }> {
  const { kind, tag, choice, project, address, catalogue, house, system, at } = asked;
  const shelf = shelfHeld(catalogue);
  const duty = dutyOf(tag);
  const candidate = chosenOrBest(duty, shelf, house, choice);
  if (!candidate) return { bytes: null };
  const settled = settle(duty, house);
  const { valve, drive } = candidate;
  const fitting =
    kind === "fit the drive"
      ? fittingSteps(fitUpPicture(candidate, settled, house).fitUp, candidate.drive, house)
      : [];
  const { construction, seat, maker, line, dn, designation } = describeValve(valve);
  const document = planDocument(
    shopPlan(kind, { valve, drive, duty: settled, house, fitting }),
    {
      project,
      tag,
      valve: {
        key: valve.key,
        words: `${maker} ${line}, ${construction}, DN ${dn} ${designation}, ${seat}`,
      },
      drive: drive && { key: drive.key, words: driveWords(drive) },
      address,
      at,
    },
    { system },
  );
  return { bytes: new Uint8Array(await pdfOf(document)) };
}
