import type { Room } from "../room.ts";

export const room: Room = {
  path: "/rules",
  inProject: false,
  header: { name: "Rules", subtitle: "every question with its source", place: 40 },
  goTo: "Go to the list of rules",
  load: async () => (await import("./rules-room.tsx")).RulesRoom,
};
