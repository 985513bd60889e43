import type { Field } from "../field.ts";
import { quantity } from "../holds.ts";
import { ofValveOnSite } from "./shown.ts";

const point = <const Path extends string>(path: Path, label: string): Field<Path, number | null> => ({
  path,
  label,
  group: "line",
  ...quantity("torque", label, [0.1, 1e6], "N·m"),
  headings: [],
  shown: ofValveOnSite,
});

/** Other points of its stroke; one that is not stated is taken as high as its break torque. */
export const onSiteRunToOpen = point("onSiteRunToOpenNm", "Its torque running open");
export const onSiteEndToOpen = point("onSiteEndToOpenNm", "Its torque at the open end");
export const onSiteBreakToClose = point("onSiteBreakToCloseNm", "Its break torque, closing");
export const onSiteRunToClose = point("onSiteRunToCloseNm", "Its torque running shut");
export const onSiteEndToClose = point("onSiteEndToCloseNm", "Its torque on the seat");
