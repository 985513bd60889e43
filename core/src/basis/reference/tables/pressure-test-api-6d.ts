// Compiled from core/reference/pressure-test-api-6d.csv by npm run reference:compile. Do not edit.
export const pressureTestApi6d = {
  columns: ["dn_from","dn_to","shell_min","seat_min"],
  rows: [
  [0,100,2,2],
  [150,250,5,5],
  [300,450,15,5],
  [500,99999,30,5],
  ] as (string | number | null)[][],
};
