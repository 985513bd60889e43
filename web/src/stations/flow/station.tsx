import { candidates } from "../../lists/candidates/tab.ts";
import { compare } from "../../lists/compare/tab.ts";
import { reach } from "../../lists/reach/tab.ts";
import type { Station } from "../station.ts";

export const station: Station = {
  id: "flow",
  name: "Flow",
  place: 40,
  findings: null,
  verdict: () => "not asked",
  says: () => "on–off: not asked",
  lineUp: null,
  Picture: () => (
    <p className="px-4 pt-3 text-dim">
      Flow is not asked of an on–off valve here. What the chosen bore costs in pressure drop is not computed
      yet.
    </p>
  ),
  tabs: [candidates, reach, compare],
};
