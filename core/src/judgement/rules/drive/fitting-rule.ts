import type { HouseRules } from "../../../basis/house/house-rules.ts";
import { readPlace } from "../../../duty/area/place.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { type Place, placeNamed } from "../../../equipment/accessories/fittings.ts";
import type { AccessoryName } from "../../../equipment/accessories/kinds.ts";
import type { Used } from "../finding.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import { type Rule, rule } from "../rule.ts";

interface FittingRule {
  readonly id: `drive/${string}`;
  readonly asks: string;
  readonly source: string;
  readonly inputs: readonly string[];
  /** The kind of accessory it looks for. */
  readonly kind: AccessoryName;
  readonly notApplicableBecause: (duty: SettledDuty, house: HouseRules) => string | null;
}

/** Most reasons named: the rest are of the same kinds. */
const mostNamed = 3;

/** Why nothing on the shelf does: each reason once, with the first it was found at. */
function refusals({ refused }: Place): Used[] {
  const named = new Map<string, string>();
  for (const { family, item, why } of refused)
    if (!named.has(why)) named.set(why, `${family.maker} ${item.id}`);
  return [...named].slice(0, mostNamed).map(([why, who]) => used(who, why, "catalogue"));
}

/**
 * A rule on an accessory of an actuator.
 *
 * @param of the kind it looks for, and when it is raised
 * @returns the rule: it holds where the shelf has one for the duty, fails where it has some and none fits
 */
export const fittingRule = ({ kind, ...rest }: FittingRule): Rule =>
  rule({
    ...rest,
    dependsOn: ["drive.fittings"],
    tight: "mild",
    examine: ({ drive, fittings, duty }) => {
      if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
      if (fittings === null) return notAsked("The shelf has no accessories. Order them for the duty.");
      const place = placeNamed(fittings, kind);
      if (!place) return notAsked("This actuator needs none.");
      const { fit, refused, says } = place;
      const wanted = used("required", says, "computed");
      if (fit.length === 0) {
        if (refused.length === 0) return cannotTell(`${kind} to be mounted (the shelf has none)`);
        const open = refused.find(({ unknown }) => unknown);
        const uses = [wanted, ...refusals(place)];
        if (open)
          return cannotTell(`data of the ${kind} ${open.family.maker} ${open.item.id}: ${open.why}`, {
            uses,
          });
        return plain("fails", `No ${kind} on the shelf is suitable.`, {
          uses,
          remedy: `Order a ${kind} for the duty: ${says}.`,
        });
      }
      const [best] = fit;
      const { area } = duty.stated;
      const electrical = place.kind.electrical(best!.item);
      const uses = [
        wanted,
        used(kind, `${best!.family.maker} ${best!.item.id}`, "catalogue"),
        ...(best!.pieces > 1 ? [used("pieces", best!.pieces, "computed")] : []),
        ...(electrical
          ? [
              used("marking", best!.family.marking ?? "not stated", "catalogue"),
              used("area", area ?? "not stated", "entered"),
            ]
          : []),
      ];
      // Selected as for a safe area, because the classification is not stated.
      if (electrical && (area === null || readPlace(area) === null))
        return plain("tight", `The shelf has a ${kind}, but the area classification is not stated.`, {
          uses,
          remedy: 'State the area classification, for example "safe" or "zone 1 IIB T3".',
        });
      return plain("holds", `The shelf has a suitable ${kind}.`, { uses });
    },
  });
