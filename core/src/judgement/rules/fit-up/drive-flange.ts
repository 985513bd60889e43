import { memberRule } from "./member-rule.ts";

export const driveFlange = memberRule({
  id: "fit-up/drive-flange",
  asks: "Actuator flange",
  source: "ISO 5211 maximum flange torque (indicative)",
  inputs: ["actuator flange"],
  carried: ({ joint, flange }) =>
    joint === "on the stem"
      ? "The operator sits on the stem without a flange."
      : { carriesNm: flange.maximumTorqueNm, uses: [] },
  holds: "The actuator flange carries the peak output torque.",
  fails: "The peak output torque exceeds the limit of the actuator flange.",
  remedy: "Use an actuator with a larger flange.",
});
