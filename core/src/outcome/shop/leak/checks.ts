import type { Check } from "./check.ts";
import { outsideChecks } from "./checks-outside.ts";
import { throughChecks } from "./checks-through.ts";

export const checks: readonly Check[] = [...outsideChecks, ...throughChecks];
