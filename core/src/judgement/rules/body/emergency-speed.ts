import { functionUsed, used } from "../inputs.ts";
import { fits } from "../outcome.ts";
import { rule } from "../rule.ts";

export const emergencySpeed = rule({
  id: "body/emergency-speed",
  asks: "Fast enough for emergency",
  source: "A rising stem takes many turns of a handwheel",
  inputs: ["function", "construction"],
  hangsOn: ["line"],
  unraised: (duty) => (!duty.function.has("emergency shut-down") ? "No emergency function." : null),
  examine: ({ valve, duty }) => {
    const quick = valve.construction.stroke === "quarter turn";
    return fits(
      quick,
      { holds: "A quarter turn closes it.", fails: "Many turns: too slow at the first call." },
      {
        value: "quarter turn",
        limit: valve.construction.stroke,
        remedy: "A quarter-turn valve.",
        uses: [functionUsed(duty), used("stroke", valve.construction.stroke, "catalogue")],
      },
    );
  },
});
