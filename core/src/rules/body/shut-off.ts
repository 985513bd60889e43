import { leakAllowance } from "../../calc/leak-allowance.ts";
import { shutOffRates } from "../../duty/words.ts";
import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

const passes = (rate: string, medium: "liquid" | "gas", dn: number) =>
  leakAllowance({ standard: "ISO 5208", rate: rate as (typeof shutOffRates)[number], medium, dn }).mlPerMin;

export const shutOff = rule({
  id: "body/shut-off",
  asks: "Shut-off rate",
  source: "Rate the line promises with the seat (ISO 5208)",
  inputs: ["shut-off rate", "product line's rate"],
  hangsOn: ["size", "seat"],
  unraised: (duty) => (duty.stated.shutOff === null ? "No rate is asked for." : null),
  examine: ({ valve, duty }) => {
    const asked = duty.stated.shutOff!;
    const promised = valve.seat.shutOff;
    const order = shutOffRates as readonly string[];
    return fits(
      order.indexOf(promised) <= order.indexOf(asked),
      { holds: "The seat is promised as tight as asked.", fails: "The seat passes more than is asked for." },
      {
        value: `rate ${asked}`,
        limit: `rate ${promised}`,
        remedy: "A softer seat, or a lapped metal seat with a better rate.",
        uses: () => [
          used("rate asked", asked, "entered"),
          used(`rate with ${valve.seat.material.name}`, promised, "catalogue"),
          used("it may pass, of water, ml/min", passes(promised, "liquid", valve.size.dn), "reference"),
          used("it may pass, of gas, ml/min", passes(promised, "gas", valve.size.dn), "reference"),
        ],
      },
    );
  },
});
