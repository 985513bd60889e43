/**
 * The districts of core and their rooms, lowest first. A file imports from its own room, from rooms before it in its
 * district, and from districts before its own; types too. Adding a room is a line here.
 */
export const floors: readonly { readonly district: string; readonly rooms: readonly string[] }[] = [
  {
    district: "basis",
    rooms: ["text", "archive", "units", "vocabulary", "versions", "reference", "calc", "stroke", "house"],
  },
  { district: "construction", rooms: ["bodies", "ends", "sections"] },
  {
    district: "duty",
    rooms: [
      "fields",
      "fluid",
      "statement",
      "settling",
      "stream",
      "area",
      "versions",
      "line-list",
      "workbook",
    ],
  },
  {
    district: "equipment",
    rooms: ["trims", "drives", "accessories", "catalogue", "catalogue-tables", "unlisted", "on-site"],
  },
  { district: "mechanics", rooms: ["torque", "flow", "air", "fit-up", "shut-off"] },
  { district: "judgement", rooms: ["rules", "proof", "by-construction", "request", "breaking"] },
  { district: "outcome", rooms: ["drawing-files", "shop", "documents", "project-file"] },
];
