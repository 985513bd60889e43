import type { Tag } from "@proven-seat/contract";
import { emptyDuty } from "@proven-seat/core/duty";

/** A tag as the server hands it out, with nothing stated yet. */
export const aTag: Tag = {
  id: "00000000-0000-4000-8000-000000000001",
  projectId: "00000000-0000-4000-8000-000000000002",
  number: "XV-1",
  service: "feed",
  unit: "",
  duty: emptyDuty,
  choice: null,
  remarks: {},
  version: 3,
  dutyVersion: 1,
  updatedAt: "2026-01-01T00:00:00.000Z",
  updatedBy: "engineer",
};
