import { memberRule } from "./member-rule.ts";

export const driveFlange = memberRule({
  id: "fit-up/drive-flange",
  asks: "Flange of the drive",
  source: "ISO 5211 maximum flange torque (indicative)",
  inputs: ["drive flange"],
  carried: ({ joint, flange }) =>
    joint === "on the stem"
      ? "It sits on the stem; no flange holds it."
      : { carriesNm: flange.maximumTorqueNm, uses: [] },
  holds: "Its own flange carries the peak.",
  fails: "Its own flange carries less than the drive gives.",
  remedy: "A size with a larger flange.",
});
