import { stated, used } from "../inputs.ts";
import { plain } from "../outcome.ts";
import { rule } from "../rule.ts";

export const fibres = rule({
  id: "body/fibres",
  asks: "Fibres",
  source: "Fibres wrap round discs and jam plain balls. A notched edge cuts them",
  inputs: ["fibres", "construction"],
  dependsOn: ["line"],
  notApplicableBecause: (duty) => (!duty.stated.fluid.fibres ? "The duty states no fibres." : null),
  examine: ({ valve, duty }) => {
    const { cutsFibres, fullBore, closure, name } = valve.construction;
    const seen = {
      value: "fibres",
      limit: name,
      uses: [stated("fibres", true, duty.stated.fluid.fibres), used("construction", name, "catalogue")],
    };
    if (cutsFibres) return plain("holds", "The edge cuts fibres as the valve closes.", seen);
    return closure === "ball" && fullBore
      ? plain("tight", "A full bore passes fibres, but the ball can jam on them when it closes.", seen)
      : plain("fails", "Fibres wrap round the closing member and keep the valve from closing.", {
          ...seen,
          remedy: "Use a V-port or segment ball.",
        });
  },
});
