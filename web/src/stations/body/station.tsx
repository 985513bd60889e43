import { candidates } from "../../lists/candidates/tab.ts";
import { compare } from "../../lists/compare/tab.ts";
import { reach } from "../../lists/reach/tab.ts";
import { later } from "../../parts/later.tsx";
import { ofRules } from "../of-rules.ts";
import type { Station } from "../station.ts";

const BodyPicture = later(() => import("./body-picture.tsx"));

export const station: Station = {
  id: "body",
  name: "Body",
  place: 20,
  ...ofRules("body", "Body", ({ view }) => view?.selected?.candidate.valve.construction ?? ""),
  Picture: ({ view, drawn }) =>
    drawn.detail && (
      <div className={`min-h-64 shrink-0 px-4 pt-3 ${view.standing === 0 ? "h-[46%]" : "h-[60%]"}`}>
        <BodyPicture view={view} detail={drawn.detail} />
      </div>
    ),
  tabs: [
    candidates,
    { id: "variants", name: "Body, trim and seals", Content: later(() => import("./variants.tsx")) },
    reach,
    compare,
  ],
};
