import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { healthSchema } from "../records.ts";

export const systemEndpoints = {
  health: endpoint({
    ...addresses.health,
    says: "State of server, database and migrations",
    project: null,
    role: "anybody",
    answer: healthSchema,
  }),
  openApi: endpoint({
    ...addresses.openApi,
    says: "This document",
    project: null,
    role: "anybody",
    answer: z.unknown(),
  }),
  sheetSchema: endpoint({
    ...addresses.sheetSchema,
    says: "JSON Schema of an issued sheet",
    project: null,
    role: "anybody",
    answer: z.unknown(),
  }),
  dutySchema: endpoint({
    ...addresses.dutySchema,
    says: "JSON Schema of what prove takes",
    project: null,
    role: "anybody",
    answer: z.unknown(),
  }),
};
