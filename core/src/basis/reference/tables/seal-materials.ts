// Compiled from core/reference/seal-materials.csv by npm run reference:compile. Do not edit.
export const sealMaterials = {
  columns: ["seal","name","kind","minimum_c","maximum_c","rapid_gas_decompression","outlives_fire"],
  rows: [
  ["nbr","Nitrile (NBR)","o-ring",-30,100,"no","no"],
  ["hnbr","Hydrogenated nitrile (HNBR)","o-ring",-30,150,"grade","no"],
  ["fkm","Fluoroelastomer (FKM)","o-ring",-20,200,"grade","no"],
  ["fkm-lt","Low-temperature FKM","o-ring",-46,200,"grade","no"],
  ["ffkm","Perfluoroelastomer (FFKM)","o-ring",-15,300,"grade","no"],
  ["epdm","EPDM","o-ring",-45,150,"no","no"],
  ["ptfe-lip","Spring-energised PTFE lip seal","lip seal",-196,230,"immune","no"],
  ["ptfe-chevron","PTFE chevron packing","packing",-100,230,"immune","no"],
  ["graphite-packing","Flexible graphite packing","packing",-196,450,"immune","yes"],
  ["graphite-gasket","Spiral-wound graphite gasket","gasket",-196,450,"immune","yes"],
  ["ptfe-gasket","Spiral-wound PTFE gasket","gasket",-196,230,"immune","no"],
  ["rtj","Metal ring joint","gasket",-196,540,"immune","yes"],
  ] as (string | number | null)[][],
};
