import type { ProvingWhat } from "@proven-seat/contract";
import type { ProvingKind } from "./kind.ts";
import { list } from "./list.ts";
import { sheets } from "./sheets.ts";

/** What of a project can be proved as a job. */
export const kinds: Readonly<Record<ProvingWhat, ProvingKind>> = { list, sheets };
