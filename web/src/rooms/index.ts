import type { Room } from "./room.ts";

/** Every folder with a descriptor is a room. */
const found = import.meta.glob<{ readonly room: Room }>("./*/room.ts", { eager: true });

export const rooms: readonly Room[] = Object.values(found).map(({ room }) => room);

/** Rooms named in the header, in order. */
export const headerRooms = rooms
  .flatMap(({ path, inProject, header }) => (header === null ? [] : [{ path, inProject, ...header }]))
  .sort((a, b) => a.place - b.place);
