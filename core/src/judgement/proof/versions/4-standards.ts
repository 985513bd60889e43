import type { VersionStep } from "../../../basis/versions/kind.ts";

/** A sheet says which standards its project goes by. */
export const standards: VersionStep = {
  to: 4,
  says: "Sheets say which standards the project goes by; this one was issued before they did.",
  upcast: (sheet) => ({ ...sheet, standards: "" }),
};
