/** Awkward duties: how they are written, and kinds of candidates by what they are made of. */

import { newCase } from "../src/duty/statement/case-kinds.ts";
import { type Duty, dutySchema, emptyDuty } from "../src/duty/statement/duty.ts";
import type { ProvenCandidate } from "../src/judgement/proof/candidate.ts";

export type Case = Partial<Duty["cases"][number]>;
export type Is = (c: ProvenCandidate) => boolean;

export interface Awkward {
  readonly name: string;
  readonly duty: Duty;
  /** None of these may be suitable. */
  readonly falls: Readonly<Record<string, Is>>;
  /** At least one of these must be suitable. */
  readonly stands?: Readonly<Record<string, Is>>;
  /** Each of these carries a finding, other than *holds*, whose rule or sentence contains the word. */
  readonly says?: Readonly<Record<string, readonly [Is, RegExp]>>;
}

export type Given = Partial<Omit<Duty, "cases" | "fluid">> & { cases: Case[]; fluid: Partial<Duty["fluid"]> };

export const duty = ({ cases, fluid, ...rest }: Given): Duty =>
  dutySchema.parse({
    ...emptyDuty,
    dn: 50,
    lineDesignation: "class 300",
    endConnection: "flanged RF",
    function: ["on-off isolation"],
    flowDirection: "both ways",
    operator: "bare stem",
    installation: "indoor",
    ambientMinimumC: 5,
    ambientMaximumC: 35,
    ...rest,
    fluid: { ...emptyDuty.fluid, ...fluid },
    cases: cases.map((c, i) => ({
      ...newCase(c.kind ?? "normal", emptyDuty, `c${i}`),
      name: `case ${i}`,
      ...c,
    })),
  });

export const anything: Is = () => true;
export const body =
  (grade: RegExp): Is =>
  (c) =>
    grade.test(c.valve.grade.grade);
export const seat =
  (id: RegExp): Is =>
  (c) =>
    id.test(c.valve.seat.material.id);
export const trim =
  (metal: RegExp): Is =>
  (c) =>
    metal.test(c.valve.trim.ball);
export const cavity =
  (id: string): Is =>
  (c) =>
    c.valve.cavity.id === id;
export const sealed =
  (id: RegExp): Is =>
  (c) =>
    c.valve.seals.parts.some((p) => id.test(p.material.id));
export const line =
  (id: RegExp): Is =>
  (c) =>
    id.test(c.valve.line.id);
export const both =
  (...predicates: Is[]): Is =>
  (c) =>
    predicates.every((is) => is(c));
export const not =
  (is: Is): Is =>
  (c) =>
    !is(c);

export const carbonSteel = body(/WCB|A105|LCC|LF2/);
export const stainless = body(/CF8M|CF3M|F316/);
export const soft = seat(/ptfe|tfm|peek|pctfe|pi|uhmwpe|rubber/);
export const metal = seat(/^metal/);
export const case1 = (upstreamBarG: number, temperatureC: number, more: Case = {}): Case => ({
  upstreamBarG,
  temperatureC,
  ...more,
});

/** A metal closing member without a coating. */
export const plainClosure: Is = (c) => c.valve.trim.coating === null;

/** A duty of a control valve. */
export const throttling = (given: Given): Duty =>
  duty({ function: ["throttling"], flowDirection: "one way", ...given });
