import { proveRequestSchema } from "@proven-seat/core/judgement/request";
import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";

export const calculationsEndpoints = {
  calculations: endpoint({
    ...addresses.calculations,
    says: "Names of the calculations",
    project: null,
    role: "anybody",
    answer: z.array(z.object({ name: z.string(), title: z.string(), source: z.string() })),
  }),
  calculationSchema: endpoint({
    ...addresses.calculationSchema,
    says: "JSON Schema of a calculation's input",
    project: null,
    role: "anybody",
    answer: z.unknown(),
    problems: [404],
  }),
  calculate: endpoint({
    ...addresses.calculate,
    says: "Compute one input, or an array of at most 10 000 with failures in their places",
    project: null,
    role: "anybody",
    body: z.unknown(),
    answer: z.unknown(),
    problems: [404, 422],
  }),
  prove: endpoint({
    ...addresses.prove,
    says: "Prove a duty: ranked candidates with every finding",
    project: null,
    role: "engineer",
    body: proveRequestSchema(),
    answer: z.unknown(),
    problems: [422],
  }),
};
