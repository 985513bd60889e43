import type { Room } from "../room.ts";

export const room: Room = {
  path: "/tags/:tagId/:station?",
  inProject: true,
  header: null,
  goTo: null,
  load: async () => (await import("./bench-room.tsx")).BenchRoom,
};
