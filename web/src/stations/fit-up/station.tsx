import { candidates } from "../../lists/candidates/tab.ts";
import { compare } from "../../lists/compare/tab.ts";
import { drives } from "../../lists/drives/tab.ts";
import { reach } from "../../lists/reach/tab.ts";
import { later } from "../../parts/later.tsx";
import { Drawing } from "../drawing.tsx";
import { ofRules } from "../of-rules.ts";
import type { Station } from "../station.ts";

const PadPicture = later(() => import("./pad-picture.tsx"));

export const station: Station = {
  id: "fit-up",
  name: "Fit-up",
  place: 70,
  ...ofRules("fit-up", "Fit-up", ({ view }) => view?.inHand?.candidate.valve.pad ?? ""),
  Picture: ({ view, drawn: { detail } }) =>
    detail && (
      <Drawing
        name="Drive on the pad"
        says={
          detail.fitUp.flange === null
            ? "bare stem"
            : detail.fitUp.direct
              ? "bolts on directly"
              : "wants a bracket between the flanges"
        }
        low={view.standing === 0}
      >
        <PadPicture detail={detail} />
      </Drawing>
    ),
  tabs: [drives, candidates, reach, compare],
};
