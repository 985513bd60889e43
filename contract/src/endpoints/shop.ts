import { z } from "zod";
import { endpoint } from "../endpoint.ts";
import { handInSchema, jobRowSchema, jobSchema } from "../shop-records.ts";

export const shopEndpoints = {
  jobs: endpoint({
    method: "get",
    path: "/api/projects/{id}/jobs",
    says: "Jobs on the valves of a project, the newest first",
    project: "in path",
    role: "engineer",
    paged: true,
    answer: z.array(jobRowSchema),
    problems: [404],
  }),
  job: endpoint({
    method: "get",
    path: "/api/tags/{id}/jobs/{job}",
    says: "A job with everything that was done and seen on it",
    project: "of tag",
    role: "engineer",
    answer: jobSchema,
    problems: [404],
  }),
  handIn: endpoint({
    method: "post",
    path: "/api/tags/{id}/jobs/{job}",
    says: "Begin a job, or add to it; what was handed in before is not added again",
    project: "of tag",
    role: "engineer",
    body: handInSchema,
    answer: jobSchema,
    problems: [404, 409, 422],
  }),
  handInPicture: endpoint({
    method: "put",
    path: "/api/tags/{id}/jobs/{job}/pictures/{picture}",
    says: "Keep a picture of a job, made smaller and without what the camera wrote into it",
    project: "of tag",
    role: "engineer",
    body: z.unknown(),
    bodyAsSent: true,
    takes: "application/octet-stream",
    answer: null,
    status: 204,
    problems: [404, 409, 413, 422],
  }),
  jobPicture: endpoint({
    method: "get",
    path: "/api/tags/{id}/jobs/{job}/pictures/{picture}",
    says: "A picture of a job as JPEG",
    project: "of tag",
    role: "engineer",
    answer: null,
    mediaType: "image/jpeg",
    problems: [404],
  }),
};
