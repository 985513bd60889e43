import { memberRule } from "./member-rule.ts";

export const key = memberRule({
  id: "fit-up/key",
  asks: "Stem key",
  source:
    "Shear and bearing of a parallel key (DIN 6885-1, DIN 6892 C), with a share of the yield strength by house rule",
  inputs: ["stem end", "actuator bore", "house rules: coupling steel"],
  carried: ({ members }) => {
    const keyed = members.find(({ what }) => what === "stem key");
    return keyed
      ? { carriesNm: keyed.carriesNm, uses: [] }
      : "The joint has no stem key in the actuator bore.";
  },
  holds: "The key carries the peak output torque.",
  fails: "The peak output torque exceeds the strength of the key.",
  remedy: "Use two keys, a longer key or a smaller actuator.",
});
