import type { HouseRules } from "../../basis/house/house-rules.ts";
import type { SettledDuty } from "../../duty/settling/settled-duty.ts";
import { type ClosingMember, closingFace } from "../../equipment/trims/closing-face.ts";
import { flowSetOf } from "../../equipment/trims/flow-set.ts";
import { firstOpening, type TrimInBody, trimAt, trimsOf } from "../../equipment/trims/trim.ts";
import { type CaseStream, type FlowOfCase, flowAround, trimInDuty } from "../../mechanics/flow/assess.ts";
import type { FlowFigures } from "../../mechanics/flow/figures.ts";
import { flowOf, type ValveFlow } from "../../mechanics/flow/picked.ts";
import type { ProvenCandidate } from "./candidate.ts";

/** A trim as a reader is shown it. */
export interface TrimShown {
  readonly id: string;
  readonly name: string;
  readonly kind: TrimInBody["trim"]["kind"];
  readonly kv: number;
  readonly rangeability: number;
  readonly hardFaced: boolean;
  readonly passageMm: number | null;
  readonly price: number;
  /** Figures of the construction, not of the maker. */
  readonly typical: boolean;
}

/** A case as it flows through the selected trim. */
export interface FlowCaseShown {
  readonly id: string;
  readonly name: string;
  readonly openingPercent: number;
  readonly beyond: FlowOfCase["standing"]["beyond"];
  readonly kvNeeded: number;
  readonly dropBar: number;
  readonly choked: boolean;
  readonly boiling: FlowFigures["boiling"];
  readonly ratio: number;
  readonly sigma: number | null;
  readonly outletMS: number;
  readonly mach: number | null;
  readonly noiseDbA: number | null;
}

/** Flow through a candidate, case by case, on the curve of its trim. */
export interface FlowPicture {
  readonly throttles: boolean;
  readonly trim: TrimShown;
  readonly leastPercent: number;
  readonly mostPercent: number;
  readonly curve: readonly (readonly [openingPercent: number, kv: number])[];
  readonly cases: readonly FlowCaseShown[];
  /** Cases without a result, with the reason. */
  readonly others: readonly { readonly name: string; readonly why: string }[];
}

/**
 * A trim as a reader is shown it.
 *
 * @param trim trim in its body
 * @param closing material of the closing member
 * @returns its figures
 */
const trimShown = (trim: TrimInBody, closing: ClosingMember): TrimShown => ({
  id: trim.trim.id,
  name: trim.trim.name,
  kind: trim.trim.kind,
  kv: trim.kv,
  rangeability: trim.trim.rangeability,
  hardFaced: closingFace(closing).boilingFlow === "good",
  passageMm: trim.passageMm,
  price: trim.price,
  typical: trim.typical,
});

const caseShown = (c: FlowOfCase): FlowCaseShown => ({
  id: c.caseId,
  name: c.caseName,
  openingPercent: c.standing.openingPercent,
  beyond: c.standing.beyond,
  kvNeeded: c.kvNeeded,
  dropBar: c.dropBar,
  choked: c.figures.choked,
  boiling: c.figures.boiling,
  ratio: c.figures.ratio,
  sigma: c.figures.cavitation?.sigma ?? null,
  outletMS: c.figures.outletMS,
  mach: c.figures.mach,
  noiseDbA: c.figures.noiseDbA,
});

const whyNot = ({ caseName, missing, still }: CaseStream) => ({
  name: caseName,
  why: missing === null ? (still ?? "") : `Missing: ${missing}.`,
});

const steps = 50;
const curveOf = (trim: TrimInBody): FlowPicture["curve"] => {
  const from = firstOpening(trim);
  return Array.from({ length: steps + 1 }, (_, i) => {
    const opening = from + ((100 - from) * i) / steps;
    return [opening, trimAt(trim, opening).kv] as const;
  });
};

/**
 * Flow through a candidate.
 *
 * @param candidate a proven candidate
 * @param duty settled duty
 * @param house openings
 * @returns trim, curve and cases, and the cases without a result
 * @source `flowOf`, as the flow rules examine it
 */
export function flowPicture(
  { valve }: Pick<ProvenCandidate, "valve">,
  duty: SettledDuty,
  house: HouseRules,
): FlowPicture {
  const flow: ValveFlow = flowOf(valve, duty, house);
  return {
    throttles: flow.throttles,
    trim: trimShown(flow.trim, valve.trim),
    leastPercent: house.leastOpeningPercent,
    mostPercent: house.mostOpeningPercent,
    curve: curveOf(flow.trim),
    cases: flow.cases.map(caseShown),
    others: flow.streams.filter(({ stream }) => stream === null).map(whyNot),
  };
}

/** A trim of the line with its result in every case. */
export interface TrimTried extends TrimShown {
  readonly taken: boolean;
  readonly cases: readonly FlowCaseShown[];
}

/**
 * Every trim that fits a candidate's body, side by side.
 *
 * @param candidate a proven candidate
 * @param duty settled duty
 * @param house limits for a trim
 * @returns trims, the smallest first, with every case in each
 * @source `trimInDuty`
 */
export function trimsTried(
  { valve }: Pick<ProvenCandidate, "valve">,
  duty: SettledDuty,
  house: HouseRules,
): TrimTried[] {
  const { construction, size } = valve;
  const chosen = flowOf(valve, duty, house).trim.trim.id;
  const around = flowAround(size, duty, house);
  return trimsOf(flowSetOf(valve).trims, construction, size).map((trim) => ({
    ...trimShown(trim, valve.trim),
    taken: trim.trim.id === chosen,
    cases: trimInDuty(trim, around).cases.map(caseShown),
  }));
}
