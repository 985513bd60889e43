import type { HouseRules } from "../../basis/house/house-rules.ts";
import { unitsOf } from "../../basis/units/units.ts";
import { shortName } from "../fields/field.ts";
import { type Duty, type DutyField, fieldsOfDuty } from "../statement/duty.ts";
import { valueAt, withValueAt } from "../statement/shape.ts";

/** Assumption while the duty states no value: words, a value in the core's units, or both. */
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
  /** The assumption; null where nothing may be assumed. */
  readonly assumption: Assumption | null;
  /** Other fields covered by it: their values count as none. */
  readonly covers?: readonly string[];
}

const worded = (words: string): Assumption => ({ words, value: null, unit: "" });
const vented: Assumption = { words: "vented", value: 0, unit: "bar g" };

/** The rules' assumption, as shown to a reader. */
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

/** Blank fields without a question of their own, reported once: they count as none. */
function gapsTakenAsNone(duty: Duty, fields: readonly DutyField[]): Missing[] {
  return (["fluid", "task"] as const).flatMap((part) => {
    const [first, ...others] = fields.filter(
      (field) => field.takenAsNone?.belongsTo === part && isBlank(duty, field) && !isAsked(duty, field),
    );
    if (first === undefined) return [];
    const names = [first, ...others].map(shortName).join(", ");
    return [
      {
        field: first.path,
        ...ofNone[part],
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
  return duty.cases.flatMap((c, index) => {
    const driving = c.flow === "reverse" ? "downstreamBarG" : "upstreamBarG";
    const far = c.flow === "reverse" ? "upstreamBarG" : "downstreamBarG";
    const gap = (
      part: string,
      label: string,
      why: string,
      assumption: Assumption | null = null,
    ): Missing => ({
      field: `cases.${index}.${part}`,
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
 * Missing values of a duty, why they matter and what is assumed for them.
 *
 * @param duty as entered
 * @param house house rules, which hold some of the assumptions
 * @param fields fields of the duty
 * @returns missing items, mandatory ones first; blank pressures and temperatures are named by case
 * @source what an order needs: size, pressure, temperature, ends, port, materials, soft goods, operator
 * @example missingFrom(emptyDuty, defaultHouseRules())[0].field // → "dn"
 */
export function missingFrom(
  duty: Duty,
  house: HouseRules,
  fields: readonly DutyField[] = fieldsOfDuty,
): Missing[] {
  const gaps = [...gapsOfFields(duty, house, fields), ...gapsTakenAsNone(duty, fields), ...gapsOfCases(duty)];
  return [...gaps.filter((m) => m.assumption === null), ...gaps.filter((m) => m.assumption !== null)];
}

/**
 * Values that must be stated before a duty can be judged: they are never assumed. They are known without a proof, so
 * that the form can lead to the next one at once.
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

/** Duties in which one of the fields that count as none has a value after all. */
const otherThanNone = (duty: Duty, part: "fluid" | "task"): Duty[] =>
  fieldsOfDuty.flatMap((field) =>
    field.takenAsNone?.belongsTo === part && isBlank(duty, field) && !isAsked(duty, field)
      ? [withValueAt(duty, field.path, field.takenAsNone.mightBe) as Duty]
      : [],
  );

/**
 * Values that a missing item could turn out to have.
 *
 * @param field path of the field, as `missingFrom` names it
 * @param duty the duty that leaves it open
 * @returns duties with the gap filled in different ways; none where nothing may be assumed
 * @source the values that usually decide
 * @example dutiesOtherwise("flowDirection", emptyDuty).length // → 1
 */
export function dutiesOtherwise(field: string, duty: Duty): Duty[] {
  const far = /^cases\.(\d+)\.(upstream|downstream)BarG$/.exec(field);
  if (far) {
    // The far side may be at line pressure just as well as vented.
    const index = Number(far[1]);
    const c = duty.cases[index];
    const driving = c && (far[2] === "downstream" ? c.upstreamBarG : c.downstreamBarG);
    if (!c || driving === null || driving === undefined) return [];
    const cases = duty.cases.map((operatingCase, i) =>
      i === index ? { ...operatingCase, [`${far[2]}BarG`]: driving * 0.9 } : operatingCase,
    );
    return [{ ...duty, cases }];
  }
  const asked = fieldsOfDuty.find(({ path }) => path === field);
  if (asked?.takenAsNone !== undefined && !isAsked(duty, asked))
    return otherThanNone(duty, asked.takenAsNone.belongsTo);
  return (asked?.otherwise?.(duty) ?? []).map((value) => withValueAt(duty, field, value));
}
