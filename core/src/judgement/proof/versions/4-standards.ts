import type { VersionStep } from "../../../basis/versions/kind.ts";

/** A sheet says which standards its project goes by. */
export const standards: VersionStep = {
  to: 4,
  says: "Sheets name the standards of the project. This sheet was issued before that.",
  upcast: (sheet) => ({ ...sheet, standards: "" }),
};
