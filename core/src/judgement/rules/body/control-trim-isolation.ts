import { functionUsed, functionWords, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Functions somebody relies on: more than stopping the flow. */
const isSafety = (functions: ReadonlySet<string>) =>
  [...functions].some((one) => one !== "on-off isolation" && one !== "throttling");

export const controlTrimIsolation = rule({
  id: "body/control-trim-isolation",
  asks: "Control trim for isolation",
  source: "The seat of a control construction sets its shut-off; isolation wants an isolation valve",
  inputs: ["function", "construction"],
  hangsOn: ["line"],
  unraised: (duty) =>
    duty.function.has("throttling") && !isSafety(duty.function) ? "Control is asked for." : null,
  examine: ({ valve, duty }) => {
    if (valve.construction.throttling !== "fine") return notAsked("No control trim.");
    const hard = isSafety(duty.function);
    const seen = {
      value: functionWords(duty),
      limit: valve.construction.name,
      uses: [functionUsed(duty), used("construction", valve.construction.name, "catalogue")],
    };
    return hard
      ? plain("fails", "A control construction is no safety or double isolation.", {
          ...seen,
          remedy: "A full ball or a tight disc.",
        })
      : plain("tight", "It isolates, but control was not asked for and is paid for.", seen);
  },
});
