import type { Room } from "../room.ts";

export const room: Room = {
  path: "/shop",
  inProject: true,
  header: { name: "Shop", subtitle: "work on valves, job by job", place: 17 },
  goTo: "Go to the jobs in the shop",
  offline: true,
  load: async () => (await import("./jobs-room.tsx")).JobsRoom,
};
