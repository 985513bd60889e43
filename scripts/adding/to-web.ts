import type { Addition } from "./copy.ts";

/** Rooms, stations and lists are found by their folders when the interface is built. */
const station: Addition = {
  what: "a station",
  remark: "2 files if it shows findings of a new group of rules",
  does: (files) =>
    files.add(
      "web/src/stations/weight/station.tsx",
      `import { candidates } from "../../lists/candidates/tab.ts";
import type { Station } from "../station.ts";

export const station: Station = {
  id: "weight",
  name: "Weight",
  place: 75,
  findings: null,
  verdict: () => "not asked",
  says: () => "",
  lineUp: null,
  Picture: () => <p>Weight</p>,
  tabs: [candidates],
};
`,
    ),
};

const list: Addition = {
  what: "a list below the picture",
  remark: "each station that shows it names it",
  does: (files) =>
    files.add(
      "web/src/lists/prices/tab.ts",
      `import type { Tab } from "../tab.ts";

export const prices: Tab = { id: "prices", name: "Prices", Content: () => null };
`,
    ),
};

const room: Addition = {
  what: "a room",
  does: (files) =>
    files.add(
      "web/src/rooms/visits/room.ts",
      `import type { Room } from "../room.ts";

export const room: Room = {
  path: "/visits",
  inProject: false,
  header: { name: "Visits", place: 90 },
  goTo: "Go to the visits",
  load: async () => () => null,
};
`,
    ),
};

export const additionsToWeb = [station, list, room];
