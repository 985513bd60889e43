import type { Room } from "../room.ts";

export const room: Room = {
  path: "/house-rules",
  inProject: false,
  header: { name: "House rules", subtitle: "limits and options of your organisation", place: 30 },
  goTo: "Go to the house rules",
  load: async () => (await import("./house-room.tsx")).HouseRoom,
};
