import { attacksCopper } from "../../duty/settling/copper.ts";
import { isLapped } from "./looking.ts";
import { chainOf } from "./stack/chain.ts";
import { driveLoadN } from "./stack/drive-load.ts";
import { linkMeasures, measuresStack } from "./stack/measured.ts";
import { type ShopStep, step } from "./step.ts";
import type { Work } from "./work.ts";

const weldedEnds: readonly string[] = ["butt-weld", "socket-weld"];

function cleaned({ duty, valve }: Work): ShopStep {
  const oxygen = duty.hazards.has("oxygen");
  const food = duty.hazards.has("hygienic");
  const copper = attacksCopper(duty);
  return step(
    "count in and clean",
    oxygen
      ? "Degrease every part for oxygen service and prove it clean. Handle parts with clean gloves only."
      : "Clean every part. Count the parts against the list.",
    {
      look: [
        oxygen || food
          ? "lubricant: only one approved for the service; if none is approved, assemble dry"
          : "lubricant: a thin film on seals and threads, resistant to the fluid",
        ...(weldedEnds.includes(duty.stated.endConnection ?? "")
          ? ["welded ends: fit seats and seals only after the weld has cooled"]
          : []),
        ...(isLapped(valve)
          ? ["new metal seats: lap each one to its face first, then wash out all lapping paste"]
          : []),
        ...(copper === null ? [] : [`no paste that contains copper: ${copper}`]),
      ],
      cautions: oxygen ? ["Oil and dirt ignite in oxygen. Keep every part free of grease."] : [],
    },
  );
}

/** Where dimensions set the seat load, it is checked before the parts are fitted. */
function stacked(work: Work): ShopStep[] {
  const chain = chainOf(work.valve);
  if (chain === null) return [];
  const turns = driveLoadN(work);
  const byDrive = turns !== null && turns < chain.mostLoadN;
  return [
    step("count in and clean", measuresStack, {
      look: chain.links
        .filter(({ picked }) => picked)
        .map(({ name }) => `${name}: selected from stock to give the seat load`),
      measures: [
        ...linkMeasures(chain),
        {
          what: "seat load",
          unit: "N",
          least: null,
          most: Math.floor(byDrive ? turns : chain.mostLoadN),
          source: byDrive
            ? "limit of the actuator torque, estimated; the seat can carry more"
            : "limit of the seat or its springs, estimated; use the maker's value if stated",
        },
      ],
    }),
  ];
}

/**
 * Preparation of pieces before they are fitted.
 *
 * @param work valve and duty
 * @returns steps: cleaning as the service requires, and the seat stack where dimensions set the seat load
 * @source the duty's hazards; `chainOf`, `driveLoadN`; practice
 */
export const readied = (work: Work): ShopStep[] => [cleaned(work), ...stacked(work)];
