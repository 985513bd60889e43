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
      ? "Degrease every piece for oxygen, prove it clean, and touch it with clean gloves alone."
      : "Clean every piece, and count them against the list.",
    {
      look: [
        oxygen || food
          ? "lubricant: only what is allowed for the service, and none where none is"
          : "lubricant: thin, on seals and threads, and one the fluid does not dissolve",
        ...(weldedEnds.includes(duty.stated.endConnection ?? "")
          ? ["ends that are welded: seats and seals stay out until the weld has cooled"]
          : []),
        ...(isLapped(valve)
          ? ["a metal seat that is new is lapped to its face first, and every grain of paste washed out"]
          : []),
        ...(copper === null ? [] : [`no paste with copper in it: ${copper}`]),
      ],
      cautions: oxygen ? ["Oil and dirt ignite in oxygen."] : [],
    },
  );
}

/** Where dimensions press the seat, its load is reckoned before they lie in the body. */
function stacked(work: Work): ShopStep[] {
  const chain = chainOf(work.valve);
  if (chain === null) return [];
  const turns = driveLoadN(work);
  const byDrive = turns !== null && turns < chain.mostLoadN;
  return [
    step("count in and clean", measuresStack, {
      look: chain.links
        .filter(({ picked }) => picked)
        .map(({ name }) => `${name}: picked out of the stock by the load it makes`),
      measures: [
        ...linkMeasures(chain),
        {
          what: "load on the seat",
          unit: "N",
          least: null,
          most: Math.floor(byDrive ? turns : chain.mostLoadN),
          source: byDrive
            ? "what its drive still turns, estimated; the seat bears more"
            : "what its seat or its springs bear, estimated; the maker's figure stands before it",
        },
      ],
    }),
  ];
}

/**
 * What is done to pieces before they go in.
 *
 * @param work valve and duty
 * @returns steps: clean, as the service wants it, and reckon the seat stack where dimensions press the seat
 * @source the duty's hazards; `chainOf`, `driveLoadN`; practice
 */
export const readied = (work: Work): ShopStep[] => [cleaned(work), ...stacked(work)];
