import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";
import { stemAttitudes } from "../words.ts";

type Stands = (typeof stemAttitudes)[number];

export const stemStands: AssumedField<"stemStands", Stands | null, Stands | null> = {
  path: "stemStands",
  label: "Stem orientation",
  group: "site",
  ...choice(stemAttitudes),
  headings: ["stem stands", "stem orientation", "stem position"],
  settle: (duty) => duty.stemStands,
};
