import { type Hazard, type Unfit, unfitFor } from "../../../duty/area/fit.ts";
import { readMarkings } from "../../../duty/area/marking.ts";
import { readPlace } from "../../../duty/area/place.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";
import { kindOf } from "../../../equipment/drives/drive-kinds.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";
import { hasMotor } from "../../../equipment/drives/supplies.ts";
import { used } from "../inputs.ts";
import { cannotTell, notAsked, plain } from "../outcome.ts";
import type { Outcome } from "../outcome-kinds.ts";
import { type Rule, rule } from "../rule.ts";
import { unlessByMotor } from "./by-operator.ts";

/** Parts of the area classification that a rule judges, in the order in which they are mended. */
interface AreaRule {
  readonly id: `drive/${string}`;
  readonly asks: string;
  readonly source: string;
  readonly hazard: Hazard;
  /** The part it judges, with finding and remedy where the actuator is unfit for it. */
  readonly fails: Partial<Record<NonNullable<Unfit>, readonly [says: string, remedy: string]>>;
  /** The missing value of each *cannot tell*. */
  readonly waitsFor?: Partial<Record<NonNullable<Unfit>, string>>;
  readonly holds: string;
  /** Parts that later rules judge: where only those are wrong, this rule holds. */
  readonly before: readonly Unfit[];
}

/** Why the area gives no reason to ask; null where it may. */
function safeFrom({ stated: { area } }: SettledDuty, hazard: Hazard): string | null {
  const place = area === null ? null : readPlace(area);
  if (place === "safe") return "The area is classified as safe.";
  return place !== null && place[hazard] === null
    ? `The area classification names no explosive ${hazard}.`
    : null;
}

/** Place and marking as they are read, or why they are not. */
function read(drive: Drive | null, duty: SettledDuty, hazard: Hazard) {
  const { area } = duty.stated;
  if (!drive) return notAsked("Bare stem: the actuator is selected elsewhere.");
  if (!hasMotor(kindOf(drive.family).supply))
    return notAsked("The actuator has no electrical parts of its own. Order its accessories for the area.");
  if (area === null) return cannotTell("area classification");
  const place = readPlace(area);
  if (place === null || place === "safe")
    return cannotTell(
      `area classification in a known form: write "zone 1 IIB T3" or "Class I Div 2 Group D T3"`,
      {
        uses: [used("area", area, "entered")],
      },
    );
  const { marking } = drive.family;
  const uses = [used("area", area, "entered"), used("marking", marking ?? "not stated", "catalogue")];
  const markings = marking === null ? null : readMarkings(marking);
  if (markings === null) return cannotTell("explosion protection marking of the actuator", { uses });
  return { wrong: unfitFor(markings, place, hazard), uses };
}

/**
 * A rule on electrical drives in explosive atmospheres.
 *
 * @param of the part it judges, and its sentences
 * @returns the rule
 */
export const areaRule = ({ hazard, fails, waitsFor = {}, holds, before, ...rest }: AreaRule): Rule =>
  rule({
    ...rest,
    inputs: ["hazardous area", "drive family: marking"],
    dependsOn: ["drive.family"],
    notApplicableBecause: (duty) => unlessByMotor(duty) ?? safeFrom(duty, hazard),
    examine: ({ drive, duty }): Outcome => {
      const found = read(drive, duty, hazard);
      if (!("wrong" in found)) return found;
      const { wrong, uses } = found;
      if (before.includes(wrong)) return plain("holds", holds, { uses });
      const missing = waitsFor[wrong!];
      if (missing) return cannotTell(missing, { uses });
      const said = fails[wrong!];
      return said
        ? plain("fails", said[0], { uses, remedy: said[1] })
        : notAsked("Another finding on the area already decides.");
    },
  });
