import { readPlace } from "../../../duty/area/place.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";
import { hottest } from "../worst.ts";

export const processSurface = dutyRule({
  id: "duty/process-surface",
  asks: "Heat of the process in the area",
  source: "IEC 60079-14, clause 5.6.2: a surface the process heats is none of the equipment's class",
  inputs: ["temperature", "hazardous area"],
  unraised: ({ stated: { area } }) =>
    area === null || readPlace(area) === "safe" ? "Nothing explosive is to be expected." : null,
  examine: ({ duty }) => {
    const { area } = duty.stated;
    const place = readPlace(area!);
    if (place === null || place === "safe") return cannotTell("what the area is");
    const limits = [place.gas?.surfaceC, place.dust?.surfaceC].filter((c) => c != null);
    if (limits.length === 0) return notAsked("The area states no temperature class.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("the temperature of the line");
    const limit = Math.min(...limits);
    const over = hot.temperatureC! > limit;
    return plain(
      over ? "tight" : "holds",
      over
        ? "The line itself is hotter than the class of the area allows a surface: insulate what is bare."
        : "The line stays cooler than the class of the area allows a surface.",
      {
        value: hot.temperatureC,
        limit,
        sense: "≤",
        unit: "°C",
        caseId: hot.id,
        caseName: hot.name,
        remedy: over ? "Insulation over body, bonnet and stand-off." : null,
        uses: [
          used("area", area!, "entered"),
          used(`temperature, ${hot.name}`, hot.temperatureC!, "entered", "°C"),
        ],
      },
    );
  },
});
