import type { HouseRules } from "../../basis/house/house-rules.ts";
import { unitsOf } from "../../basis/units/units.ts";
import { shortName } from "../fields/field.ts";
import { type Duty, type DutyField, fieldsOfDuty } from "../statement/duty.ts";
import { valueAt, withValueAt } from "../statement/shape.ts";

/** What is used while the duty does not say: words, a figure in the core's units, or both. */
export interface Assumption {
  readonly words: string;
  readonly value: number | null;
  readonly unit: "bar g" | "°C" | "days" | "kPa" | "";
}

/** Something an order needs and the duty does not say. */
export interface Missing {
  /** Path of the field in the duty. */
  readonly field: string;
  readonly label: string;
  readonly why: string;
  /** What is used meanwhile; null where nothing may be assumed. */
  readonly assumption: Assumption | null;
  /** Other fields it speaks for: what they hold is taken as none. */
  readonly covers?: readonly string[];
}

const worded = (words: string): Assumption => ({ words, value: null, unit: "" });
const vented: Assumption = { words: "vented", value: 0, unit: "bar g" };

/** What the rules take meanwhile, as a reader is told. */
function assumptionOf(field: DutyField, duty: Duty, house: HouseRules): Assumption {
  if (field.assumed !== undefined) return worded(field.assumed);
  const value = "settle" in field ? field.settle(duty, house) : null;
  if (typeof value !== "number") return worded(String(value));
  const { holds } = field;
  const unit =
    holds.kind === "quantity" ? unitsOf(holds.quantity)[0]! : holds.kind === "number" ? holds.unit : "";
  return { words: "", value, unit: unit as Assumption["unit"] };
}

/** Cases a valve that throttles is sized for. */
export const throttledIn: ReadonlySet<string> = new Set(["normal", "maximum", "minimum"]);

const isBlank = (duty: Duty, { path }: DutyField) => valueAt(duty, path) === null;
const isAsked = (duty: Duty, { why, raised }: DutyField) => why !== undefined && raised?.(duty) !== false;

const ofNone = {
  fluid: {
    label: "Other contents of the fluid",
    why: "Decides metals and seals, and whether a leak can injure.",
  },
  task: { label: "Other requirements", why: "Each requirement rules out valves that cannot meet it." },
} as const;

/** Fields that are blank and not worth a question of their own, said once: they are taken as none. */
function gapsTakenAsNone(duty: Duty, fields: readonly DutyField[]): Missing[] {
  return (["fluid", "task"] as const).flatMap((of) => {
    const [first, ...others] = fields.filter(
      (field) => field.takenAsNone?.of === of && isBlank(duty, field) && !isAsked(duty, field),
    );
    if (first === undefined) return [];
    const names = [first, ...others].map(shortName).join(", ");
    return [
      {
        field: first.path,
        ...ofNone[of],
        assumption: worded(`no ${names}`),
        covers: others.map((f) => f.path),
      },
    ];
  });
}

function gapsOfFields(duty: Duty, house: HouseRules, fields: readonly DutyField[]): Missing[] {
  return fields.flatMap((field) => {
    const { path, label, mustBeKnown } = field;
    const { why } = field;
    if (why === undefined || !isBlank(duty, field) || !isAsked(duty, field)) return [];
    return [{ field: path, label, why, assumption: mustBeKnown ? null : assumptionOf(field, duty, house) }];
  });
}

function gapsOfCases(duty: Duty): Missing[] {
  if (duty.cases.length === 0)
    return [
      {
        field: "cases",
        label: "Operating cases",
        why: "Class, seat, seals and torque are examined for each case.",
        assumption: null,
      },
    ];
  return duty.cases.flatMap((c, at) => {
    const driving = c.flow === "reverse" ? "downstreamBarG" : "upstreamBarG";
    const far = c.flow === "reverse" ? "upstreamBarG" : "downstreamBarG";
    const gap = (
      part: string,
      label: string,
      why: string,
      assumption: Assumption | null = null,
    ): Missing => ({
      field: `cases.${at}.${part}`,
      label: `${label} ${c.name}`,
      why,
      assumption,
    });
    return [
      ...(c[driving] === null
        ? [gap(driving, "Pressure of", "Without this value the case cannot be examined.")]
        : []),
      ...(c.temperatureC === null
        ? [gap("temperatureC", "Temperature of", "Every limit falls with temperature.")]
        : []),
      ...(c.rate === null && throttledIn.has(c.kind) && duty.function?.includes("throttling")
        ? [
            gap(
              "rate",
              "Flow of",
              "Decides the trim.",
              worded("nothing: findings on flow cannot tell without it"),
            ),
          ]
        : []),
      ...(c[far] === null && c[driving] !== null
        ? [gap(far, "Downstream pressure,", "Decides the differential pressure for torque.", vented)]
        : []),
    ];
  });
}

/**
 * What a duty leaves open, why it matters and what is assumed meanwhile.
 *
 * @param duty as entered
 * @param house house rules, which hold some of the assumptions
 * @param fields fields of the duty
 * @returns missing items, what must be known first; blank pressures and temperatures are named by case
 * @source what an order needs: size, pressure, temperature, ends, port, materials, soft goods, operator
 * @example missingFrom(emptyDuty, defaultHouseRules())[0].field // → "dn"
 */
export function missingFrom(
  duty: Duty,
  house: HouseRules,
  fields: readonly DutyField[] = fieldsOfDuty,
): Missing[] {
  const all = [...gapsOfFields(duty, house, fields), ...gapsTakenAsNone(duty, fields), ...gapsOfCases(duty)];
  return [...all.filter((m) => m.assumption === null), ...all.filter((m) => m.assumption !== null)];
}

/**
 * What must be known of a duty before it can be judged: nothing is assumed for it. Known without a proof, so that an
 * entry can lead to the next before one has come.
 *
 * @param duty as entered
 * @returns paths of the fields, in the order they are asked for
 * @example mustBeKnownOf(emptyDuty)[0] // → "dn"
 */
export function mustBeKnownOf(duty: Duty): string[] {
  const fields = fieldsOfDuty.filter(
    (field) => field.mustBeKnown && isBlank(duty, field) && isAsked(duty, field),
  );
  const cases = gapsOfCases(duty).filter((gap) => gap.assumption === null);
  return [...fields.map(({ path }) => path), ...cases.map(({ field }) => field)];
}

/** Duties in which one of the fields taken as none is something after all. */
const otherThanNone = (duty: Duty, of: "fluid" | "task"): Duty[] =>
  fieldsOfDuty.flatMap((field) =>
    field.takenAsNone?.of === of && isBlank(duty, field) && !isAsked(duty, field)
      ? [withValueAt(duty, field.path, field.takenAsNone.mightBe) as Duty]
      : [],
  );

/**
 * What a missing item could turn out to be.
 *
 * @param field path of the field, as `missingFrom` names it
 * @param duty the duty that leaves it open
 * @returns duties with the gap filled one way or another; none where nothing may be presumed
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
  const asked = fieldsOfDuty.find(({ path }) => path === field);
  if (asked?.takenAsNone !== undefined && !isAsked(duty, asked))
    return otherThanNone(duty, asked.takenAsNone.of);
  return (asked?.otherwise?.(duty) ?? []).map((value) => withValueAt(duty, field, value));
}
