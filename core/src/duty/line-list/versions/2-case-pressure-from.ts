import type { HeadingStep } from "./heading-step.ts";

/** The driving side was exported under a heading that later meant the tag's flow direction. */
export const headingsOfOldExports: HeadingStep = {
  says: "The case column Pressure from is named Case pressure from.",
  isOld: (headings) =>
    headings.includes("Case id") && headings.includes("Flow direction") && headings.includes("Pressure from"),
  upcast: (headings) => headings.map((h) => (h === "Pressure from" ? "Pressure from (case)" : h)),
};
