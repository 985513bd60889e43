// Compiled from core/reference/actuator-endurance.csv by npm run reference:compile. Do not edit.
export const actuatorEndurance = {
  columns: ["moved_by","up_to_nm","on_off_cycles","modulating_starts"],
  rows: [
  ["cylinder",125,500000,null],
  ["cylinder",1000,250000,null],
  ["cylinder",2000,100000,null],
  ["cylinder",8000,25000,null],
  ["cylinder",32000,10000,null],
  ["cylinder",null,5000,null],
  ["motor",125,10000,1800000],
  ["motor",1000,10000,1200000],
  ["motor",4000,5000,500000],
  ["motor",32000,2500,250000],
  ["motor",null,1000,100000],
  ] as (string | number | null)[][],
};
