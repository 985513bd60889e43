import { breaking, hardestAt, torqueDemand } from "../../mechanics/torque/demand.ts";
import { handInBore, type ShopStep, step } from "./step.ts";
import type { Work } from "./work.ts";

/** Highest acceptable breakaway torque: the value of the proof, or less where the stem carries less. */
function broken({ valve, duty, house }: Work): ShopStep {
  const demand = torqueDemand(valve, duty, house);
  const { maximumStemTorqueNm } = valve.size;
  const hardest = demand.covering === null ? null : hardestAt(demand, breaking);
  const counted = hardest === null ? null : hardest.profile.opening[0]!;
  const byProof = counted !== null && counted < maximumStemTorqueNm;
  return step("turn and test", "Measure the breakaway torque and enter it in the torque log of the tag.", {
    figures: [
      ...(hardest === null
        ? []
        : [
            {
              what: `differential pressure of case ${hardest.caseName}`,
              value: hardest.differentialBar!,
              unit: "bar" as const,
            },
          ]),
      ...(byProof ? [{ what: "stem torque limit", value: maximumStemTorqueNm, unit: "N·m" as const }] : []),
    ],
    look: [
      counted === null
        ? "the proof has no torque for this valve: check the actuator against the torque measured here"
        : "at a lower differential pressure the torque must be lower",
    ],
    measures: [
      {
        what: "breakaway torque",
        unit: "N·m",
        least: null,
        most: byProof ? counted : maximumStemTorqueNm,
        source: byProof
          ? "torque used in the proof; above it, prove the actuator again"
          : "stem torque limit",
      },
    ],
  });
}

/**
 * Tests of a reassembled valve before it is returned.
 *
 * @param work valve, duty and house rules
 * @returns steps: turned by hand, tested, and its torque into the log
 * @source practice; `torqueDemand`
 */
export const turnAndTest = (work: Work): ShopStep[] => [
  step(
    "turn and test",
    "Turn the valve once by hand through its full travel in both directions. It must not bind, and it must reach both stops.",
    {
      cautions: [handInBore],
      look: ["stem indicator line parallel to the bore at the open stop"],
    },
  ),
  step(
    "turn and test",
    "Test the shell, both closures and the stem as in the proving plan. Record the leak rate.",
    {
      cautions: [
        "Gas under pressure stores far more energy than water and can throw fragments. Use a barrier, keep your distance and raise the pressure slowly.",
      ],
    },
  ),
  broken(work),
];
