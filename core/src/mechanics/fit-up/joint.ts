import type { DriveEnd, StemEnd, StemForm } from "../../construction/ends/forms.ts";
import { throughMm } from "../../construction/ends/strength.ts";

/** Why a drive cannot sit on a valve as it is. */
export type Obstacle =
  | "the flanges differ"
  | "stem and bore have different shapes"
  | "the stem is too large for the bore"
  | "the stem is longer than the bore depth"
  | "the stem engagement is too short"
  | "the actuator touches flange bolts or lagging";

/** How the end of a stem meets the bore of a drive. */
export interface Meeting {
  /** A sleeve is the only part between them. */
  readonly goesIn: boolean;
  readonly obstacle: Obstacle | null;
  /** A sleeve fills the difference to a wider bore. */
  readonly sleeve: boolean;
  readonly engagementMm: number;
  readonly leastEngagementMm: number;
}

/** Shapes of stem that fit each shape of bore. */
const takes: Readonly<Record<DriveEnd["form"], readonly StemForm[]>> = {
  "square parallel": ["square parallel"],
  "square diagonal": ["square diagonal"],
  "double square": ["square parallel", "square diagonal"],
  "flat head": ["flat head"],
  keyed: ["keyed"],
  serrated: ["serrated"],
  "blank insert": ["square parallel", "square diagonal", "flat head", "keyed", "serrated"],
};

/** Bores that can be sleeved down: a square in a square. A key or teeth are made to their diameter. */
const sleeved: readonly DriveEnd["form"][] = ["square parallel", "square diagonal", "double square"];

/**
 * Whether a bore takes a shape at all.
 *
 * @param bore shape of the bore
 * @param end shape of the end
 * @returns whatever their sizes
 * @example takesEnd("double square", "flat head") // → false
 */
export const takesEnd = (bore: DriveEnd["form"], end: StemForm): boolean => takes[bore].includes(end);

/**
 * Whether the end of a stem fits into the bore of an actuator, and how deep.
 *
 * @param stem end of the stem, mm
 * @param bore of the drive, mm
 * @param engagementShare least engagement as a share of the width across flats
 * @returns the first thing that keeps it out, if any; engagement and the least there should be, mm
 * @source ISO 5211: driving components; engagement is the lesser of height and depth
 * @example meetingOf({ form: "flat head", acrossMm: 11, heightMm: 20, flats: null, keys: null }, { form: "double square", acrossMm: 14, depthMm: 18 }, 0.8).obstacle // → "stem and bore have different shapes"
 */
export function meetingOf(stem: StemEnd, bore: DriveEnd, engagementShare: number): Meeting {
  const engagementMm = Math.min(stem.heightMm, bore.depthMm);
  const leastEngagementMm = engagementShare * stem.acrossMm;
  const insert = bore.form === "blank insert";
  const across = insert ? throughMm(stem.form, stem.acrossMm) : stem.acrossMm;
  const smaller = !insert && stem.acrossMm < bore.acrossMm;
  const obstacle: Obstacle | null = !takes[bore.form].includes(stem.form)
    ? "stem and bore have different shapes"
    : across > bore.acrossMm
      ? "the stem is too large for the bore"
      : smaller && !sleeved.includes(bore.form)
        ? "stem and bore have different shapes"
        : stem.heightMm > bore.depthMm
          ? "the stem is longer than the bore depth"
          : engagementMm < leastEngagementMm
            ? "the stem engagement is too short"
            : null;
  return { goesIn: obstacle === null, obstacle, sleeve: smaller, engagementMm, leastEngagementMm };
}
