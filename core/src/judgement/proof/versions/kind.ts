import { documentKind } from "../../../basis/versions/kind.ts";
import { cavityInTheKey } from "./2-cavity-in-the-key.ts";
import { kindsOfFindings } from "./3-kinds-of-findings.ts";
import { standards } from "./4-standards.ts";
import { waitingCounted } from "./5-waiting-counted.ts";

/** Issued sheets; every one names its format. */
export const sheetKind = documentKind("sheet", [cavityInTheKey, kindsOfFindings, standards, waitingCounted]);
