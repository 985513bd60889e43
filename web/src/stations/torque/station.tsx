import { figureText } from "@proven-seat/core/basis/units";
import { candidates } from "../../lists/candidates/tab.ts";
import { compare } from "../../lists/compare/tab.ts";
import { drives } from "../../lists/drives/tab.ts";
import { reach } from "../../lists/reach/tab.ts";
import { later } from "../../parts/later.tsx";
import { Drawing } from "../drawing.tsx";
import { ofRules } from "../of-rules.ts";
import type { Station } from "../station.ts";
import { factorWords, TorqueLegend } from "./torque-lines.tsx";

const TorqueChart = later(() => import("./torque-chart.tsx"));
const rules = ofRules("torque", "Torque", () => "");

export const station: Station = {
  id: "torque",
  name: "Torque",
  place: 50,
  ...rules,
  says: (bench) => {
    const breakNm = bench.view?.selected?.candidate.breakNm;
    return breakNm == null ? rules.says(bench) : `${figureText(breakNm, "N·m", bench.units)} breakaway`;
  },
  Picture: ({ view, drawn: { detail, verdicts } }) =>
    detail && (
      <Drawing
        name="Breakaway torque"
        says={factorWords(detail.torque)}
        legend={<TorqueLegend torque={detail.torque} />}
        low={view.standing === 0}
      >
        <TorqueChart detail={detail} verdicts={verdicts} />
      </Drawing>
    ),
  tabs: [
    { id: "angle", name: "Over the travel", Content: later(() => import("./over-angle.tsx")) },
    { id: "parts", name: "Parts", Content: later(() => import("./break-parts.tsx")) },
    drives,
    candidates,
    reach,
    compare,
  ],
};
