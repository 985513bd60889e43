import { installations } from "../../words.ts";
import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";

export const installation: AssumedField<"installation", (typeof installations)[number] | null> = {
  path: "installation",
  label: "Installation",
  group: "site",
  ...choice(installations),
  headings: ["installation", "location"],
  why: "Buried valves want extensions; marine air eats bolting.",
  settle: (duty) => duty.installation ?? "outdoor",
  otherwise: (duty) => [{ ...duty, installation: "marine air" }],
};
