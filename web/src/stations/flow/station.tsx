import { figure, figureText } from "@proven-seat/core/basis/units";
import { useUnits } from "../../app/reading.ts";
import { candidates } from "../../lists/candidates/tab.ts";
import { compare } from "../../lists/compare/tab.ts";
import { reach } from "../../lists/reach/tab.ts";
import { later } from "../../parts/later.tsx";
import { Drawing } from "../drawing.tsx";
import { ofRules } from "../of-rules.ts";
import type { OnTheBench, PictureProps, Station } from "../station.ts";
import { trimWords } from "./words.ts";

const FlowChart = later(() => import("./flow-chart.tsx"));

/** Openings from least to largest, or the drop of the open valve; or that no flow is stated. */
function flows({ view, units }: OnTheBench): string {
  const flow = view?.selected?.flow;
  if (!flow || flow.cases.length === 0) return flow?.throttles ? "no flow stated" : "on–off: no flow stated";
  if (!flow.throttles) {
    const drop = Math.max(...flow.cases.map((c) => c.dropBar));
    return `${figureText(drop, "bar", units)} open`;
  }
  const openings = flow.cases.map((c) => c.openingPercent);
  return `${figure(Math.min(...openings))} … ${figure(Math.max(...openings))} % open`;
}

function Picture({ view, drawn: { detail, verdicts } }: PictureProps) {
  const units = useUnits();
  return (
    detail && (
      <Drawing
        name={detail.flow.throttles ? "Travel in every case" : "Pressure drop of the open valve"}
        says={trimWords(detail.flow.trim, units)}
        low={view.standing === 0}
      >
        <FlowChart detail={detail} verdicts={verdicts} />
      </Drawing>
    )
  );
}

export const station: Station = {
  id: "flow",
  name: "Flow",
  place: 40,
  ...ofRules("flow", "Flow", flows),
  Picture,
  tabs: [
    { id: "flow-cases", name: "Cases", Content: later(() => import("./cases.tsx")) },
    { id: "along", name: "Over the travel", Content: later(() => import("./along.tsx")) },
    { id: "flow-trims", name: "Trims", Content: later(() => import("./trims.tsx")) },
    candidates,
    reach,
    compare,
  ],
};
