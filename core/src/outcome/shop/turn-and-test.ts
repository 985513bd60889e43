import { breaking, hardestAt, torqueDemand } from "../../mechanics/torque/demand.ts";
import { handInBore, type ShopStep, step } from "./step.ts";
import type { Work } from "./work.ts";

/** What it may take to break it open: what the proof counted with, or less where the stem carries less. */
function broken({ valve, duty, house }: Work): ShopStep {
  const demand = torqueDemand(valve, duty, house);
  const { maximumStemTorqueNm } = valve.size;
  const hardest = demand.covering === null ? null : hardestAt(demand, breaking);
  const counted = hardest === null ? null : hardest.profile.opening[0]!;
  const byProof = counted !== null && counted < maximumStemTorqueNm;
  return step("turn and test", "Measure what breaks it open, and write it into the log of the tag.", {
    figures: [
      ...(hardest === null
        ? []
        : [
            {
              what: `against, as in ${hardest.caseName}`,
              value: hardest.differentialBar!,
              unit: "bar" as const,
            },
          ]),
      ...(byProof ? [{ what: "the stem may carry", value: maximumStemTorqueNm, unit: "N·m" as const }] : []),
    ],
    look: [
      counted === null
        ? "the proof knows no torque of it: prove its drive by what is measured here"
        : "with less differential it has to be less",
    ],
    measures: [
      {
        what: "torque to break it open",
        unit: "N·m",
        least: null,
        most: byProof ? counted : maximumStemTorqueNm,
        source: byProof
          ? "what the proof counts with; with more, the drive is proved anew"
          : "what the stem may carry",
      },
    ],
  });
}

/**
 * What a valve that was put together has to show before it goes back.
 *
 * @param work valve, duty and house rules
 * @returns steps: turned by hand, tested, and its torque into the log
 * @source practice; `torqueDemand`
 */
export const turnAndTest = (work: Work): ShopStep[] => [
  step(
    "turn and test",
    "Turn it once by hand through its stroke, both ways: nothing rubs, both stops are met.",
    {
      cautions: [handInBore],
      look: ["the stem's line along the bore at the open stop"],
    },
  ),
  step(
    "turn and test",
    "Test shell, both closures and stem as the proving plan says, and write the leak rate down.",
    {
      cautions: ["Gas under pressure stores far more than water: barrier, distance, slow rise."],
    },
  ),
  broken(work),
];
