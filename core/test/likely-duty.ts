/** Plausible duties: coherent, mostly stated, hard in places. */
import fc from "fast-check";
import { fluids } from "../src/basis/reference/fluids.ts";
import { serviceFamilies } from "../src/basis/reference/suitability.ts";
import { caseKinds, hazards, installations, valveFunctions } from "../src/duty/fields/words.ts";
import { newCase } from "../src/duty/statement/case-kinds.ts";
import { type Duty, dutySchema, emptyDuty } from "../src/duty/statement/duty.ts";

const maybe = <T>(arbitrary: fc.Arbitrary<T>) => fc.option(arbitrary, { freq: 3 });
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });
/** Small numbers are as likely as large ones. */
const spread = (min: number, max: number) =>
  between(Math.log(min), Math.log(max)).map((x) => Number(Math.exp(x).toPrecision(3)));

const temperatureC = fc.oneof(
  { weight: 5, arbitrary: between(-30, 120) },
  { weight: 2, arbitrary: between(120, 350) },
  { weight: 1, arbitrary: between(-196, -30) },
  { weight: 1, arbitrary: between(350, 600) },
);

export const likelyCase = fc
  .record({
    kind: fc.constantFrom(...caseKinds),
    barG: fc.oneof({ weight: 8, arbitrary: spread(0.5, 250) }, fc.constant(0)),
    far: maybe(between(0, 1)),
    temperatureC,
    reverse: fc.oneof({ weight: 5, arbitrary: fc.constant(false) }, fc.constant(true)),
    mayBeShut: fc.oneof({ weight: 4, arbitrary: fc.constant(true) }, fc.constant(false)),
    moved: fc.constantFrom(null, null, null, true, false),
    phase: fc.oneof(
      { weight: 6, arbitrary: fc.constant(null) },
      fc.constantFrom("liquid" as const, "gas" as const, "steam" as const, "two-phase" as const),
    ),
  })
  .map(({ kind, barG, far, temperatureC: t, reverse, mayBeShut, moved, phase }): Duty["cases"][number] => {
    const other = far === null ? null : far * barG;
    return {
      ...newCase(kind, emptyDuty, "c"),
      upstreamBarG: reverse ? other : barG,
      downstreamBarG: reverse ? barG : other,
      temperatureC: t,
      flow: reverse ? "reverse" : "forward",
      mayBeShut,
      moved,
      phase,
    };
  });

const known = fc.constantFrom(...fluids).map(({ id, name, family, phase }) => ({
  name,
  substance: id,
  family,
  phase: phase as Duty["fluid"]["phase"],
}));
const unknown = fc
  .record({
    family: fc.constantFrom(...serviceFamilies),
    phase: maybe(fc.constantFrom("liquid" as const, "gas" as const, "dense phase" as const)),
  })
  .map(({ family, phase }) => ({ name: family, substance: null, family, phase }));

const fluid = fc
  .record({
    what: fc.oneof({ weight: 4, arbitrary: known }, unknown),
    hazards: maybe(fc.subarray([...hazards])),
    h2sKPa: maybe(spread(0.05, 500)),
    hydrogenBarA: maybe(spread(0.5, 200)),
    carbonDioxideBarA: maybe(spread(0.05, 60)),
    chloridesMgL: maybe(spread(10, 100_000)),
    freeWater: maybe(fc.boolean()),
    waterDewPointC: maybe(between(-40, 40)),
    strengthPercent: maybe(between(1, 60)),
    sulphurPercent: maybe(between(0, 4)),
    solidsPercent: maybe(fc.oneof(fc.constant(0), spread(0.05, 30))),
    solidsHard: maybe(fc.boolean()),
    fibres: maybe(fc.boolean()),
  })
  .map(({ what, ...rest }) => ({ ...what, ...rest }));

export const likelyDuty: fc.Arbitrary<Duty> = fc
  .record({
    dn: fc.constantFrom(25, 50, 80, 100, 150, 200, 300),
    lineDesignation: fc.constantFrom("class 150", "class 300", "class 600", "class 900", "class 1500"),
    endConnection: maybe(
      fc.constantFrom("flanged RF" as const, "flanged RTJ" as const, "butt-weld" as const, "lug" as const),
    ),
    deadEnd: maybe(fc.boolean()),
    fluid,
    cases: fc.array(likelyCase, { minLength: 1, maxLength: 4 }),
    function: maybe(fc.subarray([...valveFunctions], { minLength: 1, maxLength: 2 })),
    flowDirection: maybe(fc.constantFrom("one way" as const, "both ways" as const)),
    fireSafe: maybe(fc.boolean()),
    cavityRelief: maybe(fc.boolean()),
    longestShutDays: maybe(spread(1, 2000)),
    strokesPerYear: maybe(spread(1, 2_000_000)),
    operator: maybe(fc.constantFrom("pneumatic" as const, "electric" as const, "bare stem" as const)),
    onSupplyLoss: maybe(fc.constantFrom("closes" as const, "opens" as const, "stays" as const)),
    installation: maybe(fc.constantFrom(...installations)),
    ambientMinimumC: maybe(between(-45, 15)),
    ambientMaximumC: maybe(between(20, 55)),
  })
  .map(({ fluid: fluidFields, cases, ...rest }) =>
    dutySchema.parse({
      ...emptyDuty,
      ...rest,
      fluid: { ...emptyDuty.fluid, ...fluidFields },
      cases: cases.map((c, index) => ({ ...c, id: `c${index}`, name: `case ${index}` })),
    }),
  );
