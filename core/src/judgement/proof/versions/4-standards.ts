import type { VersionStep } from "../../../basis/versions/kind.ts";

/** A sheet states which standards its project uses. */
export const standards: VersionStep = {
  to: 4,
  says: "Sheets name the standards of the project. This sheet was issued before that.",
  upcast: (sheet) => ({ ...sheet, standards: "" }),
};
