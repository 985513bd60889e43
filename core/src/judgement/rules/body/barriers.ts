import { functionUsed, used } from "../inputs.ts";
import { fits, plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const barriers = rule({
  id: "body/barriers",
  asks: "Block and bleed",
  source: "Each seat holds its own side while the cavity is bled (API 6D)",
  inputs: ["function", "cavity arrangement", "vent and drain"],
  hangsOn: ["line", "cavity"],
  unraised: (duty) =>
    !duty.function.has("double block and bleed") ? "Block and bleed is not asked for." : null,
  examine: ({ valve, duty }) => {
    const { cavity, line } = valve;
    const uses = [
      functionUsed(duty),
      used("cavity arrangement", cavity.name, "catalogue"),
      used("vent and drain", line.ventAndDrain ? "fitted" : "none", "catalogue"),
    ];
    const seen = { value: "each seat its side", limit: cavity.blockAndBleed ? "yes" : "no", uses };
    if (!cavity.blockAndBleed)
      return plain("fails", "Only one seat holds at a time; the cavity cannot be bled in service.", {
        ...seen,
        remedy: "A trunnion-mounted ball with two spring seats.",
      });
    return fits(
      line.ventAndDrain,
      {
        holds: "Both seats hold line pressure against a bled cavity.",
        fails: "The seats would hold, but there is no fitting to bleed the cavity by.",
      },
      { ...seen, remedy: "A line with vent and drain." },
    );
  },
});
