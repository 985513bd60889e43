import type { VersionStep } from "../../../basis/versions/kind.ts";

/** A sheet states how many candidates waited for an input. */
export const waitingCounted: VersionStep = {
  to: 5,
  says: "Sheets state how many candidates cannot be judged yet. This sheet was issued before that.",
  upcast: (sheet) => ({ ...sheet, cannotTell: null }),
};
