// Compiled from core/reference/leakage-class-vi.csv by npm run reference:compile. Do not edit.
export const leakageClassVi = {
  columns: ["nominal_port_mm","ml_per_min","bubbles_per_min"],
  rows: [
  [25,0.15,1],
  [40,0.3,2],
  [50,0.45,3],
  [65,0.6,4],
  [80,0.9,6],
  [100,1.7,11],
  [150,4,27],
  [200,6.75,45],
  [250,11.1,null],
  [300,16,null],
  [350,21.6,null],
  [400,28.4,null],
  ] as (string | number | null)[][],
};
