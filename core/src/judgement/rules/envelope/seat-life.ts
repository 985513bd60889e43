import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Valve } from "../../../equipment/catalogue/valve.ts";
import type { Used } from "../finding.ts";
import { used } from "../inputs.ts";
import { bandOf, lasting } from "../lasting.ts";
import { rule } from "../rule.ts";
import { worstClosed } from "../worst.ts";
import { allowableStressMPa, seatLoad } from "./seat-load.ts";

/** Share of the life that is left by each of these, and more where nothing rubs (indicative). */
const unlubricated = 0.5;
const gritty = 0.5;
const pressedHard = 0.5;
const neverRubs = 2;
/** Share of the permitted contact stress from which a seat counts as pressed hard. */
const hardFrom = 0.5;

/** What shortens or lengthens the life of a seat, as inputs with their factors. */
function factors(valve: Valve, duty: SettledDuty): Used[] {
  const found: Used[] = [];
  if (duty.cases.some(({ phase }) => phase === "gas" || phase === "steam"))
    found.push(used("dry gas or steam lubricates nothing", unlubricated, "estimate"));
  if (duty.solidsPercent > 0) found.push(used("solids grind the faces", gritty, "estimate"));
  if (valve.construction.rubbing === null) found.push(used("the faces never rub", neverRubs, "estimate"));
  const worst = worstClosed(duty);
  const { temperatureC, closedDifferentialBar } = worst ?? {};
  if (typeof temperatureC === "number" && typeof closedDifferentialBar === "number") {
    const { material } = valve.seat;
    const inRange = temperatureC >= material.minimumC && temperatureC <= material.excursionMaximumC;
    const { stressMPa } = seatLoad(valve, closedDifferentialBar);
    if (inRange && stressMPa > hardFrom * allowableStressMPa(material, temperatureC))
      found.push(used("contact stress above half of what is permitted", pressedHard, "estimate"));
  }
  return found;
}

export const seatLife = rule({
  id: "envelope/seat-life",
  asks: "Seat life",
  source:
    "Strokes between overhauls against the life of the kind of seat, by medium, rubbing and contact stress (house rules, estimated with a band)",
  inputs: [
    "strokes per year",
    "seat",
    "construction",
    "phase and solids",
    "contact stress",
    "house rule: lives and their band, years between overhauls",
  ],
  dependsOn: ["size", "cavity", "seat"],
  tight: "mild",
  examine: ({ valve, duty, house }) => {
    const { kind, name } = valve.seat.material;
    const { support } = valve.construction;
    const soft = support === "floating" ? house.softFloatingSeatLife : house.softHeldSeatLife;
    const because = factors(valve, duty);
    const most = because.reduce(
      (life, { value }) => life * Number(value),
      kind === "metal" ? house.metalSeatLife : soft,
    );
    return lasting(
      {
        part: "seat",
        life: bandOf(most, house),
        kind: `${name}, ${support}`,
        because,
        care: "keep a spare",
        remedy:
          kind === "metal"
            ? "Use a valve made for cycling, or shorten the overhaul interval."
            : "Use a trunnion-mounted ball or a metal seat, or shorten the overhaul interval.",
      },
      duty,
      house,
    );
  },
});
