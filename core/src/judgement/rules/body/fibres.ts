import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const fibres = rule({
  id: "body/fibres",
  asks: "Fibres",
  source: "Fibres wrap discs and wedge round plain balls; a notch shears them",
  inputs: ["fibres", "construction"],
  hangsOn: ["line"],
  unraised: (duty) => (!duty.stated.fluid.fibres ? "No fibres are stated." : null),
  examine: ({ valve, duty }) => {
    const { cutsFibres, fullBore, closure, name } = valve.construction;
    const seen = {
      value: "fibres",
      limit: name,
      uses: [stated("fibres", true, duty.stated.fluid.fibres), used("construction", name, "catalogue")],
    };
    if (cutsFibres) return plain("holds", "The edge shears fibres as it closes.", seen);
    return closure === "ball" && fullBore
      ? plain("tight", "A full bore passes fibres, but the ball may wedge on them when it closes.", seen)
      : plain("fails", "Fibres hang on it and keep it from closing.", {
          ...seen,
          remedy: "A V-port or segment ball.",
        });
  },
});
