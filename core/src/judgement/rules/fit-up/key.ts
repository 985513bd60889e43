import { memberRule } from "./member-rule.ts";

export const key = memberRule({
  id: "fit-up/key",
  asks: "Key of the stem",
  source: "Shear and bearing of a parallel key (DIN 6885-1, DIN 6892 C), house share of the yield",
  inputs: ["end of the stem", "bore of the drive", "house rules: coupling steel"],
  carried: ({ members }) => {
    const keyed = members.find(({ what }) => what === "key of the stem");
    return keyed
      ? { carriesNm: keyed.carriesNm, uses: [] }
      : "No key of the stem stands in the drive's bore.";
  },
  holds: "The key carries the peak.",
  fails: "The key shears or rolls before the drive gives up.",
  remedy: "Two keys, a longer one, or a smaller drive.",
});
