import { z } from "zod";
import { addresses } from "../addresses.ts";
import { endpoint } from "../endpoint.ts";
import { handInSchema, jobRowSchema, jobSchema } from "../shop-records.ts";

export const shopEndpoints = {
  jobs: endpoint({
    ...addresses.jobs,
    says: "Jobs on the valves of a project, newest first",
    project: "in path",
    role: "engineer",
    answer: z.array(jobRowSchema),
    problems: [404],
  }),
  job: endpoint({
    ...addresses.job,
    says: "A job with all its entries",
    project: "of tag",
    role: "engineer",
    answer: jobSchema,
    problems: [404],
  }),
  jobPdf: endpoint({
    ...addresses.jobPdf,
    says: "A job as PDF: work done and by whom, measurements, observations and leak trace",
    project: "of tag",
    role: "engineer",
    answer: null,
    mediaType: "application/pdf",
    query: { units: "metric or US" },
    problems: [404],
  }),
  handIn: endpoint({
    ...addresses.handIn,
    says: "Start a job or add entries; entries sent before are not added again",
    project: "of tag",
    role: "engineer",
    body: handInSchema,
    answer: jobSchema,
    problems: [404, 409, 422],
  }),
  handInPicture: endpoint({
    ...addresses.handInPicture,
    says: "Store a picture of a job, reduced in size and without camera metadata",
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
