import type { FlowTrim } from "../src/equipment/trims/schema.ts";

/** A trim of steady factors, linear so that its opening is its coefficient. */
export const steadyTrim = (
  change: Partial<FlowTrim> = {},
  factors: Partial<FlowTrim["curve"][number]> = {},
): FlowTrim => ({
  id: "t",
  name: "Trim",
  kind: "segment",
  law: "linear",
  rangeability: 50,
  madeIn: null,
  bothWays: false,
  curve: [10, 100].map((openingPercent) => ({
    openingPercent,
    share: null,
    fl: 0.8,
    xt: 0.5,
    fd: 0.4,
    xfz: 0.4,
    torque: 0.01,
    closingTorque: null,
    ...factors,
  })),
  sizes: [{ dn: 50, designation: null, kv: 50, passageMm: 12, price: 0 }],
  ...change,
});
