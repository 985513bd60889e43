import { endConnections } from "../../words.ts";
import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";

export const endConnection: AssumedField<"endConnection", (typeof endConnections)[number] | null> = {
  path: "endConnection",
  label: "End connection",
  short: "ends",
  group: "line",
  ...choice(endConnections),
  headings: ["end connection", "ends", "end", "connection"],
  why: "The valve must fit the line.",
  settle: (duty) => duty.endConnection ?? "flanged RF",
  otherwise: (duty) => [{ ...duty, endConnection: "flanged RTJ" }],
};
