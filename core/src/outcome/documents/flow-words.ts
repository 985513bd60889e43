import { figure } from "../../basis/units/figures.ts";
import { figureText } from "../../basis/units/reading.ts";
import type { Reading } from "../../basis/units/units.ts";
import type { FlowCaseShown, FlowPicture } from "../../judgement/proof/flow-picture.ts";
import type { Block, Pair } from "./printed.ts";

const openingWords = ({ openingPercent, beyond }: FlowCaseShown): string =>
  beyond ?? `${figure(openingPercent)} %`;
const boils = ({ boiling, choked }: FlowCaseShown): string =>
  boiling === "none" ? (choked ? "choked" : "–") : boiling;

/**
 * Flow, for an order: the trim, and every case in it.
 *
 * @param flow trim and cases; absent where the engine of a sheet did not judge flow
 * @param reading units of the reader
 * @returns the trim as pairs and the cases as a table; nothing where nothing flows
 */
export function flowBlocks(flow: FlowPicture | null, reading: Reading): Block[] {
  if (flow === null || flow.cases.length === 0) return [];
  const { trim, throttles } = flow;
  const kv = (value: number) => figureText(value, "Kv", reading);
  const pairs: Pair[] = [
    ["Flow trim", `${trim.name}, ${trim.kind}${trim.hardFaced ? ", hard-faced" : ""}`],
    ["Fully open", `${kv(trim.kv)}${trim.typical ? " (estimate: not stated by the maker)" : ""}`],
    ...(throttles ? ([["Rangeability", `${figure(trim.rangeability)} : 1`]] satisfies Pair[]) : []),
  ];
  const named = { share: 0, figures: false };
  const figures = { figures: true };
  return [
    { kind: "pairs", groups: [{ name: "Flow", pairs }] },
    {
      kind: "table",
      name: throttles ? "Control data" : "Flow through the open valve",
      columns: [
        { ...named, heading: "case", share: 120 },
        ...(throttles ? [{ ...figures, heading: "required Kv", share: 75 }] : []),
        { ...figures, heading: throttles ? "opening" : "takes", share: 75 },
        { ...figures, heading: "in the outlet", share: 80 },
        { ...named, heading: "boiling", share: 70 },
        ...(throttles ? [{ ...figures, heading: "noise at 1 m", share: 75 }] : []),
      ],
      rows: flow.cases.map((c) => [
        c.name,
        ...(throttles ? [kv(c.kvNeeded)] : []),
        throttles ? openingWords(c) : figureText(c.dropBar, "bar", reading),
        figureText(c.outletMS, "m/s", reading),
        boils(c),
        ...(throttles ? [c.noiseDbA === null ? "–" : `${Math.round(c.noiseDbA)} dB(A)`] : []),
      ]),
    },
  ];
}
