import { documentKind } from "../../basis/versions/kind.ts";
import { dutySchema } from "../statement/duty.ts";
import { functionAsASet } from "./2-function-as-a-set.ts";
import { strengthOfAnySolution } from "./3-strength-of-any-solution.ts";

/** Duties; one without a format is of the first version. */
export const dutyKind = documentKind("duty", [functionAsASet, strengthOfAnySolution], 1);

/** A duty of any version in, the newest out. */
export const storedDutySchema = dutyKind.reading(dutySchema);
