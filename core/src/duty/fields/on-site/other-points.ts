import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

const point = <const Path extends string>(
  path: Path,
  label: string,
  heading: string,
): Field<Path, number | null> => ({
  path,
  label,
  group: "line",
  ...quantity("torque", label, [0.1, 1e6], "N·m"),
  headings: [heading],
  shown: ofValveOnSite,
});

/** Other points of the stroke; one that is not stated counts as high as the breakaway torque. */
export const onSiteRunToOpen = point(
  "onSiteRunToOpenNm",
  "Running torque to open, installed valve",
  "its torque running open",
);
export const onSiteEndToOpen = point(
  "onSiteEndToOpenNm",
  "Ending torque to open, installed valve",
  "its torque at the open end",
);
export const onSiteBreakToClose = point(
  "onSiteBreakToCloseNm",
  "Breakaway torque to close, installed valve",
  "its break torque, closing",
);
export const onSiteRunToClose = point(
  "onSiteRunToCloseNm",
  "Running torque to close, installed valve",
  "its torque running shut",
);
export const onSiteEndToClose = point(
  "onSiteEndToCloseNm",
  "Ending torque to close, installed valve",
  "its torque on the seat",
);
