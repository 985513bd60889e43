import type { Room } from "../room.ts";

export const room: Room = {
  path: "/line-up",
  inProject: true,
  header: { name: "Line-up", subtitle: "all tags with their verdicts", place: 10 },
  goTo: "Go to the line-up",
  load: async () => (await import("./line-up.tsx")).LineUp,
};
