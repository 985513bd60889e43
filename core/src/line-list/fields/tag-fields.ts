import { endConnections, ports } from "../../duty/words.ts";
import { choice, type LineListField, number, text } from "./field.ts";

/** What names a tag and fits it into the line. */
export const tagFields: readonly LineListField[] = [
  {
    id: "number",
    label: "Tag",
    of: "tag",
    holds: text(40),
    headings: ["tag", "tag no", "tag no.", "tag number", "valve tag", "valve no", "item"],
  },
  {
    id: "service",
    label: "Service",
    of: "tag",
    holds: text(120),
    headings: ["service", "service description", "description"],
  },
  { id: "unit", label: "Unit", of: "tag", holds: text(60), headings: ["unit", "plant unit", "system"] },
  {
    id: "dn",
    label: "Size",
    of: "tag",
    holds: { kind: "size" },
    headings: ["size", "dn", "nps", "nominal size", "valve size", "line size"],
  },
  {
    id: "lineDesignation",
    label: "Line class",
    of: "tag",
    holds: { kind: "designation" },
    headings: ["line class", "class", "rating", "flange rating", "pressure class"],
  },
  {
    id: "endConnection",
    label: "End connection",
    of: "tag",
    holds: choice(endConnections),
    headings: ["end connection", "ends", "end", "connection"],
  },
  {
    id: "pipeSchedule",
    label: "Pipe schedule",
    of: "tag",
    holds: text(20),
    headings: ["pipe schedule", "schedule", "sch"],
  },
  {
    id: "pipeBoreMm",
    label: "Pipe bore, mm",
    of: "tag",
    holds: number,
    headings: ["pipe bore, mm", "pipe bore", "bore of pipe"],
  },
  { id: "port", label: "Port", of: "tag", holds: choice(ports), headings: ["port", "bore"] },
];
