import { figureText } from "../../basis/units/reading.ts";
import type { Reading } from "../../basis/units/units.ts";
import type { FitUpPicture } from "../../judgement/proof/fit-up-picture.ts";
import type { Step } from "../../mechanics/fit-up/steps.ts";
import type { Block, Pair } from "./printed.ts";

/** Order code of a standard part. */
const madeBy = ({ made }: { readonly made: { readonly maker: string; readonly item: string } | null }) =>
  made ? `${made.item}, ${made.maker}: ` : "";

/** A drive on its valve, and the steps in which it comes there. */
export interface PutOnPicture extends FitUpPicture {
  readonly steps: readonly Step[];
}

interface FitUpWords {
  readonly pairs: readonly Pair[];
  readonly steps: readonly Block[];
}

/**
 * Mounting of the actuator, for an order and a workshop: parts between, screws with their torques, the weakest member.
 *
 * @param of the drive on its valve
 * @param reading units of the reader
 * @returns pairs and steps; none where nothing is mounted
 */
export function fitUpBlocks({ fitUp, steps, peakNm }: PutOnPicture, reading: Reading): FitUpWords {
  if (fitUp === null) return { pairs: [], steps: [] };
  const nm = (value: number) => figureText(value, "N·m", reading);
  const mm = (value: number) => figureText(value, "mm", reading);
  const { joint, bracket, coupling, lowerScrews, upperScrews, weakest, moment } = fitUp;
  const pairs: Pair[] = [
    ["Joint", fitUp.obstacle && bracket ? `${joint}: ${fitUp.obstacle}` : joint],
    ...(bracket
      ? ([
          [
            bracket.made ? "Bracket" : "Bracket, made to order",
            `${madeBy(bracket)}${bracket.lower.flange} to ${bracket.upper.flange}, ${mm(bracket.heightMm)} high, plate ${mm(bracket.plateMm)}, ${figureText(bracket.weightKg, "kg", reading)}`,
          ],
        ] satisfies Pair[])
      : []),
    ...(coupling
      ? ([
          [
            coupling.made ? "Coupling" : "Coupling, made to order",
            `${madeBy(coupling)}${mm(coupling.outsideMm)} outside, ${mm(coupling.lengthMm)} long; ${coupling.socket.form} ${mm(coupling.socket.acrossMm)} to ${coupling.end.form} ${mm(coupling.end.acrossMm)}`,
          ],
        ] satisfies Pair[])
      : []),
    ...[lowerScrews, upperScrews].flatMap((screws): Pair[] =>
      screws
        ? [
            [
              `Screws of ${screws.pad.flange}`,
              `${screws.pad.boltCount} × ${screws.pad.bolt}, ${screws.grade}; ${nm(screws.lubricatedNm)} lubricated, ${nm(screws.dryNm)} dry`,
            ],
          ]
        : [],
    ),
    [
      "Weakest part",
      `${weakest.what}, ${nm(weakest.carriesNm)}${peakNm === null ? "" : ` against a peak of ${nm(peakNm)}`}`,
    ],
    ...(moment
      ? ([["Moment on the pad", `${nm(moment.momentNm)} of ${nm(moment.limitNm)}`]] satisfies Pair[])
      : []),
  ];
  return { pairs, steps: steps.length === 0 ? [] : [stepsTable(steps, reading)] };
}

const stepsTable = (steps: readonly Step[], reading: Reading): Block => ({
  kind: "table",
  name: "Mounting",
  columns: [
    { heading: "", share: 20, figures: true },
    { heading: "step", share: 300, figures: false },
    { heading: "figures", share: 165, figures: false },
  ],
  rows: steps.map(({ does, figures, caution }, index) => [
    String(index + 1),
    caution ? `${does} CAUTION: ${caution}` : does,
    figures.map((f) => `${f.what} ${figureText(f.value, f.unit, reading)}`).join("; "),
  ]),
});
