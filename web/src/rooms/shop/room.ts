import type { Room } from "../room.ts";

export const room: Room = {
  path: "/tags/:tagId/shop/:plan?",
  inProject: true,
  header: null,
  goTo: null,
  offline: true,
  load: async () => (await import("./shop-room.tsx")).ShopRoom,
};
