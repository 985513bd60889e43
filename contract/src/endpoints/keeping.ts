import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { keepingSchema } from "../records.ts";

export const keepingEndpoints = {
  keeping: endpoint({
    ...addresses.keeping,
    says: "Number of daily copies of the database",
    project: null,
    role: "engineer",
    answer: keepingSchema,
  }),
  changeKeeping: endpoint({
    ...addresses.changeKeeping,
    says: "Change the number of daily copies",
    project: null,
    role: "engineer",
    body: keepingSchema,
    answer: keepingSchema,
    problems: [409, 422],
  }),
};
