import { readPlace } from "../../../duty/area/place.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { dutyRule } from "../rule.ts";
import { hottest } from "../worst.ts";

export const processSurface = dutyRule({
  id: "duty/process-surface",
  asks: "Hot surfaces in the area",
  source:
    "IEC 60079-14, clause 5.6.2: the temperature class of equipment does not cover surfaces heated by the process",
  inputs: ["temperature", "hazardous area"],
  notApplicableBecause: ({ stated: { area } }) =>
    area === null || readPlace(area) === "safe" ? "The area is classified as safe." : null,
  examine: ({ duty }) => {
    const { area } = duty.stated;
    const place = readPlace(area!);
    if (place === null || place === "safe") return cannotTell("area classification in a known form");
    const limits = [place.gas?.surfaceC, place.dust?.surfaceC].filter((c) => c != null);
    if (limits.length === 0) return notAsked("The area classification states no temperature class.");
    const hot = hottest(duty);
    if (hot === null) return cannotTell("line temperature");
    const limit = Math.min(...limits);
    const over = hot.temperatureC! > limit;
    return plain(
      over ? "tight" : "holds",
      over
        ? "The line temperature exceeds the temperature class of the area. Insulate bare surfaces."
        : "The line temperature is below the temperature class of the area.",
      {
        value: hot.temperatureC,
        limit,
        sense: "≤",
        unit: "°C",
        caseId: hot.id,
        caseName: hot.name,
        remedy: over ? "Insulate body, bonnet and stand-off bracket." : null,
        uses: [
          used("area", area!, "entered"),
          used(`temperature, ${hot.name}`, hot.temperatureC!, "entered", "°C"),
        ],
      },
    );
  },
});
