export * from "./conductance.ts";
export * from "./executions.ts";
export * from "./solenoids.ts";
export * from "./stroke-time.ts";
export * from "./swept.ts";
export * from "./ways.ts";
