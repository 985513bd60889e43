import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";

export const plansEndpoints = {
  planPdf: endpoint({
    ...addresses.planPdf,
    says: "A plan of work (strip, reseat, together or drive) on the tag's valve, the chosen one or else the best, as PDF",
    project: "of tag",
    role: "engineer",
    answer: null,
    mediaType: "application/pdf",
    query: { units: "metric or US" },
    problems: [404, 409],
  }),
};
