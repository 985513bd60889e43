import type { Room } from "../room.ts";

export const room: Room = {
  path: "/drift",
  inProject: true,
  header: { name: "Drift", subtitle: "changes on another catalogue or other house rules", place: 15 },
  goTo: "Go to the drift of sheets and tags",
  load: async () => (await import("./drift-room.tsx")).DriftRoom,
};
