// Compiled from core/reference/material-groups.csv by npm run reference:compile. Do not edit.
export const materialGroups = {
  columns: ["material_group","description","standard_designation"],
  rows: [
  ["1.1","carbon steel (A105, A216 WCB, A350 LF2, LF3)","ASME B16.34 standard class"],
  ["1.2","carbon and low-nickel cast steel (A216 WCC, A352 LCC, LC2, LC3)","ASME B16.34 standard class"],
  ["1.3","low-temperature carbon steel (A352 LCB)","ASME B16.34 standard class"],
  ["1.9","1¼Cr–½Mo (A217 WC6, A182 F11 cl.2)","ASME B16.34 standard class"],
  ["2.1","18Cr–8Ni (A351 CF8 and CF3, A182 F304)","ASME B16.34 standard class"],
  ["2.2","16Cr–12Ni–2Mo (A351 CF8M and CF3M, A182 F316)","ASME B16.34 standard class"],
  ["2.3","low-carbon wrought 18-8 and 16-12-2 (A182 F304L, F316L)","ASME B16.34 standard class"],
  ["2.8","duplex, super duplex and 6Mo (A182 F51, F53, F55, F44; A995 4A, 5A, 6A; A351 CK3MCuN)","ASME B16.34 standard class"],
  ["3.4","Ni–Cu alloy (Alloy 400, M35-1)","ASME B16.34 standard class"],
  ["3.8","Ni–Cr–Mo alloys (Alloy 625, C-276, 825)","ASME B16.34 standard class"],
  ["3E0","unalloyed steel","EN 1092-1 / EN 12516"],
  ["14E0","16Cr–12Ni–2Mo austenitic","EN 1092-1 / EN 12516"],
  ] as (string | number | null)[][],
};
