import { stated, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const controlTrimIsolation = rule({
  id: "body/control-trim-isolation",
  asks: "Control trim for isolation",
  source: "The seat of a control construction sets its shut-off; isolation wants an isolation valve",
  inputs: ["function", "construction"],
  hangsOn: "line",
  unraised: (duty) => (duty.function === "throttling" ? "Control is asked for." : null),
  examine: ({ valve, duty }) => {
    if (valve.construction.throttling !== "fine") return notAsked("No control trim.");
    const hard = duty.function !== "on-off isolation";
    const seen = {
      value: duty.function,
      limit: valve.construction.name,
      uses: [
        stated("function", duty.function, duty.stated.function),
        used("construction", valve.construction.name, "catalogue"),
      ],
    };
    return hard
      ? plain("fails", "A control construction is no safety or double isolation.", {
          ...seen,
          remedy: "A full ball or a tight disc.",
        })
      : plain("tight", "It isolates, but control was not asked for and is paid for.", seen);
  },
});
