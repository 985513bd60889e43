import { type Allowance, allowanceOf } from "../../../mechanics/shut-off/allowance.ts";
import { comparePromise } from "../../../mechanics/shut-off/compare.ts";
import type { Used } from "../finding.ts";
import { used } from "../inputs.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

const passes = (who: string, { liquidMlMin, gasMlMin }: Allowance): Used[] =>
  Object.entries({ water: liquidMlMin, gas: gasMlMin }).flatMap(([medium, mlMin]) =>
    mlMin === null ? [] : [used(`${who}, of ${medium}, ml/min`, mlMin, "reference")],
  );

export const shutOff = rule({
  id: "body/shut-off",
  asks: "Shut-off rate or class",
  source: "Shut-off stated by the maker with this seat (ISO 5208, IEC 60534-4), as test leakage",
  inputs: [
    "shut-off rate or class",
    "shut-off stated by the maker",
    "Kv of the trim, seat and differential of classes",
  ],
  dependsOn: ["size", "flow", "seat"],
  notApplicableBecause: (duty) =>
    duty.stated.shutOff === null ? "The duty asks for no leakage rate." : null,
  examine: ({ valve, duty, house }) => {
    const asked = allowanceOf(duty.stated.shutOff!, valve, duty, house);
    const { shutOff: promise, execution } = valve.seat.offer;
    const { name } = valve.seat.material;
    const remedy = "Use a softer seat, or a lapped metal seat with a better stated shut-off.";
    if (promise === null && execution !== "clearance")
      return cannotTell("shut-off stated by the maker", { limit: `not stated for ${name}` });
    if (promise === null)
      return plain("fails", "The valve has a clearance seat: it controls and does not shut off.", {
        value: asked.asked,
        limit: "none (clearance seat)",
        remedy: "Use a seat that touches the closing member.",
        uses: () => [used("asked", asked.asked, "entered"), ...passes("permitted leakage", asked)],
      });
    const promised = allowanceOf(promise, valve, duty, house);
    const stands = comparePromise(asked, promised);
    const seen = {
      value: asked.asked,
      limit: promise,
      remedy,
      uses: () => [
        used("asked", asked.asked, "entered"),
        used(`stated with ${name}`, promise, "catalogue"),
        ...passes("required: permitted leakage", asked),
        ...passes("stated: leakage", promised),
      ],
    };
    switch (stands) {
      case "as tight":
        return plain("holds", "The stated shut-off meets the requirement.", seen);
      case "tighter by another test":
        return plain(
          "tight",
          "The stated shut-off is tighter, but by another test. Order a test of the required class.",
          {
            ...seen,
            decides: "by another test",
            remedy: "State the required class and its test on the order.",
          },
        );
      case "looser":
        return plain("fails", "The stated leakage exceeds the requirement.", seen);
      case "not comparable":
        return cannotTell("leakage on the required test", { limit: promise });
    }
  },
});
