import { ports } from "../../words.ts";
import type { AssumedField } from "../field.ts";
import { choice } from "../holds.ts";

export const port: AssumedField<"port", (typeof ports)[number] | null> = {
  path: "port",
  label: "Port",
  group: "line",
  ...choice(ports),
  headings: ["port", "bore"],
  why: "Pigs and drains want the full bore.",
  settle: (duty) => duty.port ?? "reduced accepted",
  otherwise: (duty) => [{ ...duty, port: "full" }],
};
