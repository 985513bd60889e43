// Compiled from core/reference/iso-5211-flanges.csv by npm run reference:compile. Do not edit.
export const iso5211Flanges = {
  columns: ["flange","pitch_circle_diameter_mm","bolt","bolt_count","maximum_torque_nm"],
  rows: [
  ["F03",36,"M5",4,32],
  ["F04",42,"M5",4,63],
  ["F05",50,"M6",4,125],
  ["F07",70,"M8",4,250],
  ["F10",102,"M10",4,500],
  ["F12",125,"M12",4,1000],
  ["F14",140,"M16",4,2000],
  ["F16",165,"M20",4,4000],
  ["F25",254,"M16",8,8000],
  ["F30",298,"M20",8,16000],
  ["F35",356,"M30",8,32000],
  ["F40",406,"M36",8,63000],
  ["F48",483,"M36",12,125000],
  ["F60",603,"M36",20,250000],
  ] as (string | number | null)[][],
};
