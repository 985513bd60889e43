import { placeNamed } from "../../../equipment/accessories/fittings.ts";
import { solenoids } from "../../../mechanics/air/solenoids.ts";
import { against, inMargin } from "../compare.ts";
import { stated, used } from "../inputs.ts";
import type { Judged } from "../judged.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { safetyLevel, solenoidRates } from "./safety-level.ts";

const hoursPerMonth = 730;
/**
 * Share of dangerous undetected failures that a partial stroke finds: from the house rules, or less where the device's
 * certificate says so.
 */
function findsOf(fittings: Judged["fittings"], { partialStrokeFindsPercent }: Judged["house"]): number {
  const certified = placeNamed(fittings, "partial-stroke device")?.fit[0]?.item.findsPercent;
  return Math.min(partialStrokeFindsPercent, certified ?? partialStrokeFindsPercent) / 100;
}

export const integrityDemand = rule({
  id: "drive/integrity-demand",
  asks: "Probability of failure on demand",
  source:
    "IEC 61508-6, annex B, simplified: PFDavg = λ·T/2 for one channel; with a partial-stroke test of coverage c: c·λ·T_p/2 + (1 − c)·λ·T/2. An aid, not a certificate",
  inputs: [
    "integrity level",
    "solenoid valves",
    "proof test interval",
    "partial-stroke interval",
    "house rules: failure rates",
  ],
  dependsOn: ["drive.onSupplyLoss", "drive.fittings"],
  notApplicableBecause: (duty) =>
    safetyLevel(duty) === 0 ? "The duty asks for no safety integrity level." : null,
  examine: ({ drive, duty, house, fittings }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const { valveDangerousPerHour, driveDangerousPerHour } = house;
    const rate = (valveDangerousPerHour + driveDangerousPerHour) * 1e-9;
    const [testH, partialH] = [
      duty.proofTestMonths * hoursPerMonth,
      duty.partialStrokeMonths * hoursPerMonth,
    ];
    const partly = partialH > 0 && partialH < testH;
    const found = findsOf(fittings, house);
    const turning = partly ? (rate * (found * partialH + (1 - found) * testH)) / 2 : (rate * testH) / 2;
    const letsGo = solenoids(duty.solenoids, solenoidRates(house), testH).failsOnDemand;
    const value = turning + letsGo;
    const limit = 10 ** -safetyLevel(duty) * (house.finalElementPercent / 100);
    const measured = against(value, limit, 0);
    const fails = measured.verdict === "fails";
    return plain(
      measured.verdict,
      fails
        ? "With this test interval the probability of failure on demand exceeds the share of the final element."
        : "With this test interval the probability of failure on demand is within the share of the final element.",
      {
        value,
        limit,
        sense: "≤",
        unit: "",
        remedy: fails ? "Shorten the test interval, add partial-stroke tests, or use two valves." : null,
        uses: [
          used("integrity level", duty.stated.integrityLevel!, "entered"),
          stated("proof test interval, months", duty.proofTestMonths, duty.stated.proofTestMonths),
          stated(
            "partial-stroke interval, months",
            duty.partialStrokeMonths,
            duty.stated.partialStrokeMonths,
          ),
          used("dangerous undetected failures per hour, valve and actuator", rate, "house rule"),
          ...(partly ? [used("coverage of a partial-stroke test", found * 100, "house rule", "%")] : []),
          stated("solenoid valves", duty.solenoids, duty.stated.solenoids),
          used("failure on demand of the solenoid valves", letsGo, "computed"),
          used("share of the final element", house.finalElementPercent, "house rule", "%"),
        ],
      },
      inMargin(measured, "%", false),
    );
  },
});
