import { markedAmbient } from "../../../duty/area/ambient-range.ts";
import { readPlace } from "../../../duty/area/place.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import type { Fitted, Place } from "../../../equipment/accessories/fittings.ts";
import { airFittings, electricalFittings } from "../../../equipment/drives/temperature-ranges.ts";
import { inMargin, kelvinTo } from "../compare.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { heatAbove } from "./heat-at-actuator.ts";

/** Highest temperatures of an accessory, °C: by its execution, and by its certificate, which a safe area does not need. */
function limitsOf({ kind }: Pick<Place, "kind">, { family, item }: Fitted, duty: SettledDuty) {
  const electrical = kind.electrical(item);
  const { standard, highToC } = electrical ? electricalFittings : airFittings;
  const byExecution = family.highTemperature === true ? highToC : standard.toC;
  const { area } = duty.stated;
  const safe = area !== null && readPlace(area) === "safe";
  const covers = electrical && !safe && family.marking !== null ? markedAmbient(family.marking) : null;
  return { byExecution, certified: Math.min(byExecution, covers?.toC ?? Number.POSITIVE_INFINITY) };
}

/** Whether the accessories on the actuator withstand the heat that rises from the line. */
export const fittingsHeat = rule({
  id: "drive/fittings-heat",
  asks: "Heat at the accessories",
  source:
    "Heat conducted from the line to what is mounted on the actuator (house rules, indicative); IEC 60079-0, clause 5.1.1, for the certificate",
  inputs: [
    "temperature",
    "highest ambient",
    "hazardous area",
    "accessories: execution, marking",
    "house rule: heat that reaches accessories",
  ],
  dependsOn: ["line", "drive.fittings"],
  examine: ({ valve, drive, fittings, duty, house }) => {
    if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
    const mounted = (fittings?.places ?? []).flatMap((place) =>
      place.kind.standsBeside || place.kind.ofSteel
        ? []
        : place.fit.slice(0, 1).map((fit) => ({ fit, ...limitsOf(place, fit, duty) })),
    );
    if (mounted.length === 0) return notAsked("Nothing is mounted on the actuator.");
    const weakest = mounted.reduce((a, b) => (b.certified < a.certified ? b : a));
    const { warmC, uses } = heatAbove(valve, duty, house, "accessories");
    const item = used(weakest.fit.kind, `${weakest.fit.family.maker} ${weakest.fit.item.id}`, "catalogue");
    if (
      duty.stated.area === null &&
      warmC > weakest.certified &&
      mounted.every((m) => warmC <= m.byExecution)
    )
      return cannotTell("hazardous area: a certificate would limit the temperature", {
        value: warmC,
        unit: "°C",
        uses: [item, ...uses],
      });
    const measured = kelvinTo(warmC, weakest.certified, "≤", 0);
    return plain(
      measured.verdict,
      measured.verdict === "fails"
        ? "An accessory gets hotter than it or its certificate permits."
        : "The accessories stay within their temperature limits.",
      {
        value: warmC,
        limit: weakest.certified,
        sense: "≤",
        unit: "°C",
        remedy:
          "Mount it beside the valve, use a stand-off or a heat shield, or order a high-temperature version.",
        uses: [item, ...uses],
      },
      inMargin(measured, "K", false),
    );
  },
});
