import { figureText } from "@proven-seat/core/basis/units";
import { handTurns } from "@proven-seat/core/mechanics/torque";
import { candidates } from "../../lists/candidates/tab.ts";
import { compare } from "../../lists/compare/tab.ts";
import { drives } from "../../lists/drives/tab.ts";
import { reach } from "../../lists/reach/tab.ts";
import { later } from "../../parts/later.tsx";
import { Drawing } from "../drawing.tsx";
import { ofRules } from "../of-rules.ts";
import type { OnTheBench, Station } from "../station.ts";
import { StrokeLegend } from "./stroke-lines.tsx";

const StrokeChart = later(() => import("./stroke-chart.tsx"));

/** The actuator, or the torque of a bare stem and whether a hand can turn it. */
function turnedBy({ view, units }: OnTheBench): string {
  const candidate = view?.selected?.candidate;
  if (!candidate) return "";
  if (candidate.drive) return candidate.drive.size;
  const { breakNm } = candidate;
  if (breakNm === null) return "by hand";
  return `by hand, ${figureText(breakNm, "N·m", units)}${handTurns(breakNm) ? "" : ": needs a gearbox"}`;
}

export const station: Station = {
  id: "drive",
  name: "Actuation",
  place: 60,
  ...ofRules("drive", "Actuation", turnedBy),
  Picture: ({ view, drawn: { detail } }) =>
    detail && (
      <Drawing
        name="Torque demand and actuator output"
        says={`demand × ${detail.stroke.factor.toFixed(2)} against output`}
        legend={<StrokeLegend />}
        low={view.standing === 0}
      >
        <StrokeChart detail={detail} />
      </Drawing>
    ),
  tabs: [
    drives,
    { id: "kinds", name: "Kinds", Content: later(() => import("./kinds.tsx")) },
    { id: "supply", name: "Supply", Content: later(() => import("./supply-ladder.tsx")) },
    { id: "air", name: "Air", Content: later(() => import("./air.tsx")) },
    { id: "stall", name: "Stall probability", Content: later(() => import("./stall.tsx")) },
    candidates,
    reach,
    compare,
  ],
};
