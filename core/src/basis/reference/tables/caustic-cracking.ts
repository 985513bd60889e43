// Compiled from core/reference/caustic-cracking.csv by npm run reference:compile. Do not edit.
export const causticCracking = {
  columns: ["caustic_percent","untreated_to_c"],
  rows: [
  [10,80],
  [30,57],
  [50,46],
  ] as (string | number | null)[][],
};
