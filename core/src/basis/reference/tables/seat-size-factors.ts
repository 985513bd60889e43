// Compiled from core/reference/seat-size-factors.csv by npm run reference:compile. Do not edit.
export const seatSizeFactors = {
  columns: ["dn_from","dn_to","fraction_of_limit_floating","fraction_of_limit_trunnion"],
  rows: [
  [0,50,1,1],
  [65,100,0.8,1],
  [150,200,0.6,1],
  [250,300,0.45,0.95],
  [350,99999,0.35,0.9],
  ] as (string | number | null)[][],
};
