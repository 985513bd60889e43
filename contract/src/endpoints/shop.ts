import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { handInSchema, jobRowSchema, jobSchema } from "../shop-records.ts";

export const shopEndpoints = {
  jobs: endpoint({
    ...addresses.jobs,
    says: "Jobs on the valves of a project, the newest first",
    project: "in path",
    role: "engineer",
    answer: z.array(jobRowSchema),
    problems: [404],
  }),
  job: endpoint({
    ...addresses.job,
    says: "A job with everything that was done and seen on it",
    project: "of tag",
    role: "engineer",
    answer: jobSchema,
    problems: [404],
  }),
  jobPdf: endpoint({
    ...addresses.jobPdf,
    says: "A job as PDF: what was done by whom, what was measured and seen, how a leak was traced",
    project: "of tag",
    role: "engineer",
    answer: null,
    mediaType: "application/pdf",
    query: { units: "metric or US" },
    problems: [404],
  }),
  handIn: endpoint({
    ...addresses.handIn,
    says: "Begin a job, or add to it; what was handed in before is not added again",
    project: "of tag",
    role: "engineer",
    body: handInSchema,
    answer: jobSchema,
    problems: [404, 409, 422],
  }),
  handInPicture: endpoint({
    ...addresses.handInPicture,
    says: "Keep a picture of a job, made smaller and without what the camera wrote into it",
    project: "of tag",
    role: "engineer",
    body: z.unknown(),
    bodyAsSent: true,
    answer: null,
    status: 204,
    problems: [404, 409, 413, 422],
  }),
  jobPicture: endpoint({
    ...addresses.jobPicture,
    says: "A picture of a job as JPEG",
    project: "of tag",
    role: "engineer",
    answer: null,
    mediaType: "image/jpeg",
    problems: [404],
  }),
};
