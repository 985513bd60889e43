import { shutOffRates } from "../../duty/words.ts";
import { used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const shutOff = rule({
  id: "body/shut-off",
  asks: "Shut-off rate",
  source: "Rate the line promises with the seat (ISO 5208)",
  inputs: ["shut-off rate", "product line's rate"],
  hangsOn: ["seat"],
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
        uses: [
          used("rate asked", asked, "entered"),
          used(`rate with ${valve.seat.material.name}`, promised, "catalogue"),
        ],
      },
    );
  },
});
