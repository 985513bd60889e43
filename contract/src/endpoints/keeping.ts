import { endpoint } from "../endpoint.ts";
import { keepingSchema } from "../records.ts";

export const keepingEndpoints = {
  keeping: endpoint({
    method: "get",
    path: "/api/keeping",
    says: "How many daily copies of the database the house keeps",
    project: null,
    role: "engineer",
    answer: keepingSchema,
  }),
  changeKeeping: endpoint({
    method: "put",
    path: "/api/keeping",
    says: "Keep another number of daily copies",
    project: null,
    role: "engineer",
    body: keepingSchema,
    answer: keepingSchema,
    problems: [409, 422],
  }),
};
