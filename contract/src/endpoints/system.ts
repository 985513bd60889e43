import { z } from "zod";
import { endpoint } from "../endpoint.ts";
import { healthSchema } from "../records.ts";

export const systemEndpoints = {
  health: endpoint({
    method: "get",
    path: "/api/health",
    says: "State of server, database and migrations",
    project: null,
    role: "anybody",
    answer: healthSchema,
  }),
  openApi: endpoint({
    method: "get",
    path: "/api/openapi.json",
    says: "This document",
    project: null,
    role: "anybody",
    answer: z.unknown(),
  }),
  sheetSchema: endpoint({
    method: "get",
    path: "/api/schemas/sheet.json",
    says: "JSON Schema of an issued sheet",
    project: null,
    role: "anybody",
    answer: z.unknown(),
  }),
  dutySchema: endpoint({
    method: "get",
    path: "/api/schemas/prove.json",
    says: "JSON Schema of what prove takes",
    project: null,
    role: "anybody",
    answer: z.unknown(),
  }),
};
