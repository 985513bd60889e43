import type { Room } from "../room.ts";

export const room: Room = {
  path: "/house-rules",
  inProject: false,
  header: { name: "House rules", place: 30 },
  goTo: "Go to the house rules",
  load: async () => (await import("./house-room.tsx")).HouseRoom,
};
