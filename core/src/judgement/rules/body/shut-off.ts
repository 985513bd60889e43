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
  source: "What the line promises with the seat (ISO 5208, IEC 60534-4), as flow on the test",
  inputs: [
    "shut-off rate or class",
    "product line's promise",
    "Kv of the trim, seat and differential of classes",
  ],
  hangsOn: ["size", "seat"],
  unraised: (duty) => (duty.stated.shutOff === null ? "No rate is asked for." : null),
  examine: ({ valve, duty, house }) => {
    const asked = allowanceOf(duty.stated.shutOff!, valve, duty, house);
    const { shutOff: promise, execution } = valve.seat.offer;
    const { name } = valve.seat.material;
    const remedy = "A softer seat, or a lapped metal seat with a better promise.";
    if (promise === null && execution !== "clearance")
      return cannotTell("the shut-off the maker promises", { limit: `no promise with ${name}` });
    if (promise === null)
      return plain("fails", "It is made with clearance: it controls and does not shut off.", {
        value: asked.asked,
        limit: "no shut-off",
        remedy: "A seat that touches the closure.",
        uses: () => [used("asked", asked.asked, "entered"), ...passes("it may pass", asked)],
      });
    const promised = allowanceOf(promise, valve, duty, house);
    const stands = comparePromise(asked, promised);
    const seen = {
      value: asked.asked,
      limit: promise,
      remedy,
      uses: () => [
        used("asked", asked.asked, "entered"),
        used(`promised with ${name}`, promise, "catalogue"),
        ...passes("asked: it may pass", asked),
        ...passes("promised: it passes", promised),
      ],
    };
    switch (stands) {
      case "as tight":
        return plain("holds", "The seat is promised as tight as asked.", seen);
      case "tighter by another test":
        return plain("tight", "Promised by another test, which lets less through: have the class tested.", {
          ...seen,
          decides: "by another test",
          remedy: "Ask for the class on the order, with its test.",
        });
      case "looser":
        return plain("fails", "The seat passes more than is asked for.", seen);
      case "not comparable":
        return cannotTell("what it passes on the test that is asked", { limit: promise });
    }
  },
});
