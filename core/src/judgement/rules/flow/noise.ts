import { used } from "../inputs.ts";
import { flowRule } from "./flow-rule.ts";

/** Noise outside the pipe of a valve that throttles. */
export const noise = flowRule({
  id: "flow/noise",
  asks: "Noise",
  source: "IEC 60534-8-3:2010 and -8-4:2015, 1 m from a straight pipe (a prediction); limit by house rule",
  inputs: [
    "flow and pressures of the cases",
    "fluid",
    "factors of the trim",
    "pipe bore, lagging",
    "house rules: limit, what the method may be off by",
  ],
  unit: "dB(A)",
  appliesTo: "throttling",
  measure: (c, { wall }, { house }) => {
    const level = c.figures.noiseDbA;
    if (level === null) return null;
    const limit = house.noiseLimitDbA;
    const close = level > limit - house.noiseMarginDb;
    return {
      value: level,
      limit,
      margin: null,
      verdict: level > limit ? "fails" : close ? "tight" : "holds",
      uses: [
        used("wall of the pipe", wall.wallMm, "estimate", "mm"),
        used("noise reduction by lagging", wall.lessDb, "house rule", "dB(A)"),
        used("uncertainty of the method", house.noiseMarginDb, "house rule", "dB(A)"),
      ],
      ...(close && level <= limit ? { decides: "limit minus uncertainty" } : {}),
    };
  },
  otherwise: "No method predicts the noise of a flashing liquid.",
  says: {
    holds: "The noise level is within the house rule.",
    tight: "The noise level is within the uncertainty of the method below the limit.",
    fails: "The noise level exceeds the house rule. It can damage hearing.",
  },
  remedy: "Use a low-noise trim, a thicker or lagged pipe, or two pressure drops in series.",
});
