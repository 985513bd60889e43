import { figureText } from "../../basis/units/reading.ts";
import type { Reading } from "../../basis/units/units.ts";
import type { FitUpPicture } from "../../judgement/proof/fit-up-picture.ts";
import type { Step } from "../../mechanics/fit-up/steps.ts";
import type { Block, Pair } from "./printed.ts";

/** What a part in series is ordered as. */
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
 * How the drive goes on, for an order and a workshop: what stands between, screws with their torques, what gives
 * first.
 *
 * @param of the drive on its valve
 * @param reading units of the reader
 * @returns pairs and the steps; nothing where nothing is put on
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
    ...[lowerScrews, upperScrews].flatMap((of): Pair[] =>
      of
        ? [
            [
              `Screws of ${of.pad.flange}`,
              `${of.pad.boltCount} × ${of.pad.bolt}, ${of.grade}; ${nm(of.lubricatedNm)} lubricated, ${nm(of.dryNm)} dry`,
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
  rows: steps.map(({ does, figures, caution }, at) => [
    String(at + 1),
    caution ? `${does} CAUTION: ${caution}` : does,
    figures.map((f) => `${f.what} ${figureText(f.value, f.unit, reading)}`).join("; "),
  ]),
});
