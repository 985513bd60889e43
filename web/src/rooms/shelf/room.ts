import type { Room } from "../room.ts";

export const room: Room = {
  path: "/shelf",
  inProject: false,
  header: { name: "Shelf", subtitle: "the catalogue of valves and actuators", place: 20 },
  goTo: "Go to the shelf: the catalogue",
  load: async () => (await import("./shelf-room.tsx")).ShelfRoom,
};
