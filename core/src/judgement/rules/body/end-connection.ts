import { parseDesignation } from "../../../basis/reference/pressure-temperature.ts";
import { cannotTell, plain } from "../outcome.ts";
import { rule } from "../rule.ts";
import { coldClass } from "./cold-class.ts";

const boltsToFlange = new Set(["flanged RF", "flanged RTJ", "wafer", "lug"]);

export const endConnection = rule({
  id: "body/end-connection",
  asks: "End connection",
  source:
    "Flange facing and class must match the line (ASME B16.5, EN 1092-1); a welded or threaded valve is not below the class of its line",
  inputs: ["end connection", "line class", "product line's ends"],
  dependsOn: ["line", "class"],
  examine: ({ valve, duty }) => {
    const asked = duty.endConnection;
    const origin = duty.stated.endConnection === null ? "assumed" : "entered";
    // A wafer or lug body sits between the line's raised faces.
    const between = asked === "flanged RF" && valve.line.ends.some((end) => end === "wafer" || end === "lug");
    const offered = valve.line.ends.includes(asked) || between;
    const line = duty.stated.lineDesignation;
    const uses = [
      { what: "line end", value: asked, unit: "" as const, origin: origin as "assumed" | "entered" },
      {
        what: "ends offered",
        value: valve.line.ends.join(", "),
        unit: "" as const,
        origin: "catalogue" as const,
      },
      { what: "valve class", value: valve.size.designation, unit: "" as const, origin: "catalogue" as const },
      ...(line ? [{ what: "line class", value: line, unit: "" as const, origin: "entered" as const }] : []),
    ];
    if (!offered) {
      return plain("fails", "The product line does not offer this end connection.", {
        value: asked,
        limit: valve.line.ends.join(", "),
        uses,
        remedy: "Use another end connection or another product line.",
      });
    }
    if (line === null) return cannotTell("line class", { uses, value: valve.size.designation });
    const wanted = parseDesignation(line)!;
    if (!boltsToFlange.has(asked)) {
      const below = coldClass(valve.designation) < coldClass(wanted);
      return plain(
        below ? "fails" : "holds",
        below
          ? "The class of the valve is below the class of the line."
          : "The product line offers this end connection.",
        {
          value: below ? valve.size.designation : asked,
          limit: below ? line : null,
          uses,
          remedy: below ? "Use a valve of the line class or above." : null,
        },
      );
    }
    const match = wanted.system === valve.designation.system && wanted.number === valve.designation.number;
    return plain(
      match ? "holds" : "fails",
      match ? "Facing and class match the line." : "The valve flanges do not mate with the line class.",
      {
        value: valve.size.designation,
        limit: line,
        uses,
        remedy: match ? null : "Use a valve in the line class.",
      },
    );
  },
});
