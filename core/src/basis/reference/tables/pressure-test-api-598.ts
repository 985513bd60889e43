// Compiled from core/reference/pressure-test-api-598.csv by npm run reference:compile. Do not edit.
export const pressureTestApi598 = {
  columns: ["dn_from","dn_to","shell_s","closure_s","metal_seat_liquid_drops_per_min","metal_seat_gas_bubbles_per_min"],
  rows: [
  [0,50,15,15,0,0],
  [65,150,60,60,12,24],
  [200,300,120,120,20,40],
  [350,99999,300,120,28,56],
  ] as (string | number | null)[][],
};
