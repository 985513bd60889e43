import type { Room } from "../room.ts";

export const room: Room = {
  path: "/import",
  inProject: true,
  header: null,
  goTo: "Import a line list",
  load: async () => (await import("./import-room.tsx")).ImportRoom,
};
