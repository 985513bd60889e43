// Compiled from core/reference/metals.csv by npm run reference:compile. Do not edit.
export const metals = {
  columns: ["metal","sour","h2s_limit_kpa","chloride_cracking_from_c","chloride_limit_mg_l","hydrogen","copper_alloy","galls_on_itself","oxygen_limit_bar_g","expansion_per_k"],
  rows: [
  ["carbon steel","yes",null,null,null,"yes","no","yes",2,0.000012],
  ["low-temperature carbon steel","yes",null,null,null,"yes","no","yes",2,0.000012],
  ["austenitic 316","yes",100,60,1000,"yes","no","yes",14,0.0000165],
  ["22Cr duplex","yes",10,100,10000,"limited","no","yes",14,0.000013],
  ["25Cr super duplex","yes",20,110,30000,"limited","no","yes",14,0.000013],
  ["6Mo austenitic","yes",100,120,50000,"yes","no","yes",21,0.0000158],
  ["alloy 400","yes",100,null,30000,"yes","yes","yes",207,0.0000139],
  ["alloy 625 or C-276","yes",null,null,null,"yes","no","yes",86,0.0000128],
  ["titanium","yes",null,null,null,"no","no","yes",0,0.0000086],
  ["aluminium bronze","no",null,null,20000,"yes","yes","no",207,0.0000162],
  ["13Cr steel","yes",10,60,1000,"limited","no","yes",7,0.0000108],
  ["17-4PH","yes",3.4,60,1000,"no","no","yes",7,0.0000108],
  ["electroless nickel on steel","yes",100,null,10000,"limited","no","no",2,0.000012],
  ["X-750 spring","yes",null,null,null,"limited","no","no",86,0.0000126],
  ["tungsten carbide coating","yes",null,null,null,"yes","no","no",86,0.000006],
  ["chromium carbide coating","yes",null,null,null,"yes","no","no",86,0.00001],
  ["cobalt hardfacing","yes",null,null,null,"yes","no","no",34,0.000014],
  ] as (string | number | null)[][],
};
