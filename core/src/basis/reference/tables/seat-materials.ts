// Compiled from core/reference/seat-materials.csv by npm run reference:compile. Do not edit.
export const seatMaterials = {
  columns: ["seat","name","kind","minimum_c","continuous_maximum_c","excursion_maximum_c","friction_design","friction_low","friction_high","allowable_stress_23c_mpa","allowable_stress_at_maximum_mpa","abrasion_resistance_0_to_4","break_torque_growth_per_decade_of_days","steam","oxygen","note"],
  rows: [
  ["ptfe","Virgin PTFE","polymer",-50,200,210,0.08,0.05,0.12,10,1.5,0,0.25,"no","assess","cold-flows under sustained load; cleanest chemistry"],
  ["rptfe","PTFE, 15 % glass","polymer",-50,220,232,0.1,0.07,0.14,14,2.5,1,0.18,"limited","no","glass is attacked by HF and hot caustic"],
  ["tfm","Modified PTFE (TFM)","polymer",-60,220,232,0.08,0.05,0.12,13,2.2,0,0.15,"limited","assess","denser and lower permeation than PTFE; resists monomer popcorning"],
  ["ptfe-cg","PTFE, carbon–graphite filled","polymer",-50,250,260,0.12,0.08,0.16,17,3,2,0.12,"yes","no","steam and thermal-cycling service"],
  ["ptfe-ss","PTFE, 50 % stainless powder","polymer",-30,250,260,0.14,0.1,0.19,22,4.5,2,0.1,"yes","no","high-temperature soft seat; raises torque"],
  ["pctfe","PCTFE","polymer",-254,110,120,0.18,0.12,0.24,35,8,1,0.06,"no","assess","cryogenic tightness; poor above 120 °C"],
  ["uhmwpe","UHMWPE","polymer",-60,80,85,0.15,0.1,0.2,20,6,3,0.1,"no","no","abrasion and radiation service, cool only"],
  ["pom","Acetal (POM)","polymer",-40,80,85,0.18,0.12,0.24,60,25,2,0.06,"no","no","no acids, chlorine or hot water"],
  ["pa","Polyamide (PA 6 / PA 12)","polymer",-40,100,120,0.2,0.13,0.27,55,18,2,0.06,"no","no","swells in hot water and methanol; not for acids"],
  ["peek","PEEK","polymer",-60,250,260,0.22,0.15,0.3,95,30,3,0.03,"yes","no","high pressure; hard, needs fine ball finish"],
  ["pi","Polyimide","polymer",-196,300,315,0.2,0.14,0.28,80,45,2,0.03,"no","no","hydrolyses in steam and hot water"],
  ["metal-crc","Chromium-carbide on metal","metal",-196,600,650,0.32,0.22,0.45,450,300,4,0.02,"yes","assess","erosive solids and high temperature"],
  ["metal-wc","Tungsten-carbide on metal","metal",-196,450,480,0.3,0.2,0.42,550,380,4,0.02,"yes","assess","erosive and abrasive service; binder corrodes in strong acids"],
  ["metal-stellite","Cobalt-alloy hardfacing","metal",-196,540,590,0.35,0.25,0.48,380,240,3,0.02,"yes","assess","general metal seat"],
  ["rubber-epdm","EPDM lining","polymer",-35,110,120,0.3,0.2,0.45,4,1.5,3,0.08,"no","no","lining of concentric discs; not for hydrocarbons"],
  ["rubber-nbr","Nitrile lining","polymer",-20,80,90,0.3,0.2,0.45,4,1.5,3,0.1,"no","no","lining of concentric discs; not for ozone or hot water"],
  ] as (string | number | null)[][],
};
