import type { ProvingWhat } from "@proven-seat/contract";
import type { ProvingKind } from "./kind.ts";
import { list } from "./list.ts";
import { sheets } from "./sheets.ts";

/** Kinds of record that a job can prove. */
export const kinds: Readonly<Record<ProvingWhat, ProvingKind>> = { list, sheets };
