import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { keepingSchema } from "../records.ts";

export const keepingEndpoints = {
  keeping: endpoint({
    ...addresses.keeping,
    says: "How many daily copies of the database the house keeps",
    project: null,
    role: "engineer",
    answer: keepingSchema,
  }),
  changeKeeping: endpoint({
    ...addresses.changeKeeping,
    says: "Keep another number of daily copies",
    project: null,
    role: "engineer",
    body: keepingSchema,
    answer: keepingSchema,
    problems: [409, 422],
  }),
};
