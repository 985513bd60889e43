import { candidates } from "../../lists/candidates/tab.ts";
import { compare } from "../../lists/compare/tab.ts";
import { reach } from "../../lists/reach/tab.ts";
import { later } from "../../parts/later.tsx";
import { Drawing } from "../drawing.tsx";
import { ofRules } from "../of-rules.ts";
import type { Station } from "../station.ts";
import { EnvelopeLegend } from "./envelope-lines.tsx";

const EnvelopeChart = later(() => import("./envelope-chart.tsx"));

export const station: Station = {
  id: "envelope",
  name: "Envelope",
  place: 30,
  ...ofRules("envelope", "Envel.", ({ view }) => view?.selected?.candidate.valve.seat ?? ""),
  Picture: ({ view, drawn: { detail, cases, verdicts } }) =>
    detail && (
      <Drawing
        name="Envelope"
        says="lowest limit thick, flow only dashed"
        legend={<EnvelopeLegend envelope={detail.envelope} />}
        low={view.standing === 0}
      >
        <EnvelopeChart detail={detail} cases={cases} verdicts={verdicts} />
      </Drawing>
    ),
  tabs: [
    candidates,
    { id: "seats", name: "Seats", Content: later(() => import("./seat-ladder.tsx")) },
    { id: "corrosion", name: "Corrosion", Content: later(() => import("./corrosion-borders.tsx")) },
    reach,
    compare,
  ],
};
