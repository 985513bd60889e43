// Compiled from core/reference/hydrogen-attack.csv by npm run reference:compile. Do not edit.
export const hydrogenAttack = {
  columns: ["metal","hydrogen_bar","limit_c"],
  rows: [
  ["carbon steel",3.5,316],
  ["carbon steel",7,270],
  ["carbon steel",14,250],
  ["carbon steel",35,230],
  ["carbon steel",70,220],
  ["carbon steel",140,205],
  ["low-temperature carbon steel",3.5,316],
  ["low-temperature carbon steel",7,270],
  ["low-temperature carbon steel",14,250],
  ["low-temperature carbon steel",35,230],
  ["low-temperature carbon steel",70,220],
  ["low-temperature carbon steel",140,205],
  ["1¼Cr–½Mo steel",14,430],
  ["1¼Cr–½Mo steel",35,355],
  ["1¼Cr–½Mo steel",70,316],
  ["1¼Cr–½Mo steel",140,290],
  ["2¼Cr–1Mo steel",70,450],
  ["2¼Cr–1Mo steel",140,430],
  ] as (string | number | null)[][],
};
