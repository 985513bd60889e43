import type { Room } from "../room.ts";

export const room: Room = {
  path: "/shelf",
  inProject: false,
  header: { name: "Shelf", place: 20 },
  goTo: "Go to the shelf: the catalogue",
  load: async () => (await import("./shelf-room.tsx")).ShelfRoom,
};
