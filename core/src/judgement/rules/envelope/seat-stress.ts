import { against } from "../compare.ts";
import { pressureAndTemperature, used } from "../inputs.ts";
import { overCases } from "../over-cases.ts";
import { rule } from "../rule.ts";
import { allowableStressMPa, seatLoad } from "./seat-load.ts";

export const seatStress = rule({
  id: "envelope/seat-stress",
  asks: "Seat stress",
  source:
    "Contact stress of the seat ring against the material limit at temperature (derivation; indicative)",
  inputs: ["pressure on either side", "temperature", "seat geometry", "seat"],
  dependsOn: ["size", "cavity", "seat"],
  examine: ({ valve, duty, house }) => {
    const seat = valve.seat.material;
    return overCases(duty.cases, {
      unit: "MPa",
      marginUnit: "%",
      sense: "≤",
      measure: (c) => {
        if (!c.shut) return null;
        if (c.closedDifferentialBar === null) return { missing: "pressure" };
        if (c.temperatureC === null) return { missing: "temperature" };
        // Outside its temperatures the seat's range speaks.
        if (c.temperatureC < seat.minimumC || c.temperatureC > seat.excursionMaximumC) return null;
        return against(
          seatLoad(valve, c.closedDifferentialBar).stressMPa,
          allowableStressMPa(seat, c.temperatureC),
          house.pressureMargin / 100,
        );
      },
      says: (verdict) =>
        verdict === "fails"
          ? "The contact stress exceeds the material limit: the seat is crushed."
          : verdict === "tight"
            ? "The contact stress is within the material limit, but the margin is below the house rule."
            : "The contact stress is within the material limit.",
      remedy: (verdict) =>
        verdict === "fails" ? "Use a stronger seat material, or a trunnion-mounted ball." : null,
      uses: (c) => {
        const load = seatLoad(valve, c.closedDifferentialBar ?? 0);
        return [
          ...pressureAndTemperature(c),
          used("contact circle", valve.size.geometry.seatContactDiameterMm, "catalogue", "mm"),
          used("contact width", valve.size.geometry.seatWidthMm, "catalogue", "mm"),
          used("stress", load.stressMPa, "computed", "MPa"),
          used(`stress limit of ${seat.name} at 23 °C`, seat.allowableStressMPa.at23C, "reference", "MPa"),
        ];
      },
    });
  },
});
