import type { HouseRules } from "../house/house-rules.ts";
import type { Duty } from "./duty.ts";
import { assumedMeanwhile } from "./questions/assumed-meanwhile.ts";
import { mustBeKnown } from "./questions/must-be-known.ts";
import { type Assumption, figured } from "./questions/question.ts";

/** Something an order needs and the duty does not say. */
export interface Missing {
  /** Path of the field in the duty. */
  readonly field: string;
  readonly label: string;
  readonly why: string;
  /** What is used meanwhile; null where nothing may be assumed. */
  readonly assumption: Assumption | null;
}

const questions = [...mustBeKnown, ...assumedMeanwhile];

/**
 * What a duty leaves open, why it matters and what is assumed meanwhile.
 *
 * @param duty as entered
 * @param house house rules, which hold some of the assumptions
 * @returns missing items, the gravest first; blank pressures and temperatures are named by case
 * @throws never
 * @source what an order needs: size, pressure, temperature, ends, port, materials, soft goods, operator
 * @example missingFrom(emptyDuty, defaultHouseRules())[0].field // → "dn"
 */
export function missingFrom(duty: Duty, house: HouseRules): Missing[] {
  const gaps: Missing[] = [];
  duty.cases.forEach((c, at) => {
    const driving = c.flow === "reverse" ? "downstreamBarG" : "upstreamBarG";
    const vented = c.flow === "reverse" ? "upstreamBarG" : "downstreamBarG";
    if (c[driving] === null) {
      gaps.push({
        field: `cases.${at}.${driving}`,
        label: `Pressure of ${c.name}`,
        why: "The case cannot be judged without it.",
        assumption: null,
      });
    }
    if (c.temperatureC === null) {
      gaps.push({
        field: `cases.${at}.temperatureC`,
        label: `Temperature of ${c.name}`,
        why: "Every limit falls with temperature.",
        assumption: null,
      });
    }
    if (c[vented] === null && c[driving] !== null) {
      gaps.push({
        field: `cases.${at}.${vented}`,
        label: `Pressure on the far side, ${c.name}`,
        why: "Sets the torque differential.",
        assumption: figured(0, "bar g", "vented"),
      });
    }
  });
  const asked = questions
    .filter((q) => q.isMissing(duty))
    .map((q) => ({ field: q.field, label: q.label, why: q.why, assumption: q.assumption(house) }));
  const all = [...asked, ...gaps];
  return [...all.filter((m) => m.assumption === null), ...all.filter((m) => m.assumption !== null)];
}

/**
 * What a missing item could turn out to be.
 *
 * @param field path of the field, as `missingFrom` names it
 * @param duty the duty that leaves it open
 * @returns duties with the gap filled one way or another; none where nothing may be presumed
 * @throws never
 * @source the values that usually decide
 * @example dutiesOtherwise("flowDirection", emptyDuty).length // → 1
 */
export function dutiesOtherwise(field: string, duty: Duty): Duty[] {
  const far = /^cases\.(\d+)\.(upstream|downstream)BarG$/.exec(field);
  if (far) {
    // The far side may be at line pressure just as well as vented.
    const at = Number(far[1]);
    const c = duty.cases[at];
    const driving = c && (far[2] === "downstream" ? c.upstreamBarG : c.downstreamBarG);
    if (!c || driving === null || driving === undefined) return [];
    const cases = duty.cases.map((one, i) => (i === at ? { ...one, [`${far[2]}BarG`]: driving * 0.9 } : one));
    return [{ ...duty, cases }];
  }
  return questions.find((q) => q.field === field)?.alternatives?.(duty) ?? [];
}
