import { candidates } from "../../lists/candidates/tab.ts";
import { compare } from "../../lists/compare/tab.ts";
import { drives } from "../../lists/drives/tab.ts";
import { reach } from "../../lists/reach/tab.ts";
import { later } from "../../parts/later.tsx";
import { Drawing } from "../drawing.tsx";
import { ofRules } from "../of-rules.ts";
import type { Station } from "../station.ts";

const StackPicture = later(() => import("./stack-picture.tsx"));

export const station: Station = {
  id: "fit-up",
  name: "Fit-up",
  place: 70,
  ...ofRules("fit-up", "Fit-up", ({ view }) => view?.selected?.candidate.valve.pad ?? ""),
  Picture: ({ view, drawn: { detail } }) =>
    detail && (
      <Drawing
        name="Actuator on the valve"
        says={detail.fitUp.fitUp?.joint ?? (detail.candidate.drive === null ? "bare stem" : "rising stem")}
        low={view.standing === 0}
      >
        <StackPicture detail={detail} />
      </Drawing>
    ),
  tabs: [
    { id: "assembly", name: "Mounting", Content: later(() => import("./assembly.tsx")) },
    drives,
    candidates,
    reach,
    compare,
  ],
};
