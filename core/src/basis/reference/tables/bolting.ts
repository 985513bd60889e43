// Compiled from core/reference/bolting.csv by npm run reference:compile. Do not edit.
export const bolting = {
  columns: ["bolting","proof_grade","name","minimum_c","maximum_c","exposed_in_sour","exposed_in_marine_air","note"],
  rows: [
  ["b7","B7","A193 B7 / A194 2H",-48,450,"no","coated","hardness above 22 HRC"],
  ["b7m","B7M","A193 B7M / A194 2HM",-48,450,"yes","coated","hardness controlled below 22 HRC"],
  ["l7","L7","A320 L7 / A194 7",-101,450,"no","coated","impact tested"],
  ["l7m","L7M","A320 L7M / A194 7M",-101,450,"yes","coated","impact tested; hardness controlled below 22 HRC"],
  ["b16","B16","A193 B16 / A194 4",-29,525,"no","coated","hot service"],
  ["b8m","B8M cl.2","A193 B8M cl.2 / A194 8M",-196,538,"yes","no","austenitic: chloride cracking in warm marine air"],
  ["alloy-625",null,"Alloy 625 studs and nuts",-196,450,"yes","yes",null],
  ["8-8","8.8","ISO 898-1 8.8",-10,300,"no","coated",null],
  ] as (string | number | null)[][],
};
