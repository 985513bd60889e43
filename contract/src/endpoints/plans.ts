import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";

export const plansEndpoints = {
  planPdf: endpoint({
    ...addresses.planPdf,
    says: "A work plan (strip, reseat, together or drive) for the chosen valve of the tag, or the best candidate, as PDF",
    project: "of tag",
    role: "engineer",
    answer: null,
    mediaType: "application/pdf",
    query: { units: "metric or US" },
    problems: [404, 409],
  }),
};
