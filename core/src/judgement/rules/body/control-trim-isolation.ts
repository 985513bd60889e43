import { functionUsed, functionWords, used } from "../inputs.ts";
import { notAsked, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

/** Functions that somebody's safety depends on, beyond stopping the flow. */
const isSafety = (functions: ReadonlySet<string>) =>
  [...functions].some((service) => service !== "on-off isolation" && service !== "throttling");

export const controlTrimIsolation = rule({
  id: "body/control-trim-isolation",
  asks: "Control valve used for isolation",
  source: "The seat of a control valve limits its shut-off. Isolation needs an isolation valve",
  inputs: ["function", "construction"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) =>
    duty.function.has("throttling") && !isSafety(duty.function) ? "The duty asks for control." : null,
  examine: ({ valve, duty }) => {
    if (valve.construction.throttling !== "fine") return notAsked("The body is not a control valve.");
    const hard = isSafety(duty.function);
    const seen = {
      value: functionWords(duty),
      limit: valve.construction.name,
      uses: [functionUsed(duty), used("construction", valve.construction.name, "catalogue")],
    };
    return hard
      ? plain("fails", "A control valve does not give safety isolation or double isolation.", {
          ...seen,
          remedy: "Use a full ball or a tight-closing disc.",
        })
      : plain(
          "tight",
          "The valve isolates, but the price includes control that the duty does not ask for.",
          seen,
        );
  },
});
