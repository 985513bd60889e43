// Compiled from core/reference/leakage-iso-5208.csv by npm run reference:compile. Do not edit.
export const leakageIso5208 = {
  columns: ["rate","liquid_mm3_per_s_per_dn","gas_mm3_per_s_per_dn"],
  rows: [
  ["A",0,0],
  ["AA",0.006,0.18],
  ["B",0.01,0.3],
  ["C",0.03,3],
  ["CC",0.08,22.3],
  ["D",0.1,30],
  ["E",0.3,300],
  ["EE",0.39,470],
  ["F",1,3000],
  ["G",2,6000],
  ] as (string | number | null)[][],
};
