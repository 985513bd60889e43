import type { Room } from "../room.ts";

export const room: Room = {
  path: "/projects",
  inProject: false,
  header: null,
  goTo: "Go to the projects",
  load: async () => (await import("./projects-room.tsx")).ProjectsRoom,
};
