import type { HouseRules } from "@proven-seat/core/basis/house";
import type { Reading } from "@proven-seat/core/basis/units";
import type { Duty } from "@proven-seat/core/duty";
import {
  type Catalogue,
  compileShelf as compileWhole,
  type Shelf,
} from "@proven-seat/core/equipment/catalogue";
import { type ChoiceKeys, prove as proveWhole, summarise } from "@proven-seat/core/judgement/proof";
import type { LeakPlace, Observation, PlanKind, SeatChain } from "@proven-seat/core/outcome/shop";
import { byConstructionRow, constructionRows } from "./constructions-api.ts";
import { outlineOf } from "./outline.ts";
import { PastProof } from "./past-proof.ts";
import type { Proving } from "./proving.ts";
import { detailsOf, drivesOf, kindsOf, rowNamed, rowsFrom, selectedOf, variantsOf } from "./rows-api.ts";
import type { SheetDraft } from "./sheet-api.ts";

/** Loaded when breaking points are first asked for. */
const breakingApi = () => import("./breaking-api.ts");
/** Loaded when the seat ladder, the supply ladder, air or the chance of a stall is first asked for. */
const laddersApi = () => import("./ladders-api.ts");
/** Flow over the stroke and the other torque basis are loaded when they are shown. */
const flowApi = () => import("./flow-api.ts");
/** Functions of the shop are loaded when the shop opens. */
const shopApi = () => import("./shop-api.ts");
/** The text of a sheet is loaded when a sheet opens. */
const sheetApi = () => import("./sheet-api.ts");
type SheetAsked = [draft: SheetDraft, reading: Reading];
type PlanAsked = [key: string, kind: PlanKind];
type StackAsked = [key: string, chain: SeatChain, stockMm: readonly number[]];
type BreakingAsked = [key: string, path: string];
type MapAsked = [
  key: string,
  across: { readonly path: string; readonly at: readonly number[] },
  up: { readonly path: string; readonly at: number },
];
type LeakAsked = [key: string, place: LeakPlace, seen: readonly Observation[]];

/** Functions of core it uses. Tests replace them to prove each duty only once. */
const core = { prove: proveWhole, compileShelf: compileWhole };

/** A prover of its own: it keeps the shelf and the last proof, and returns only what is asked for. */
export function proverApi({ prove, compileShelf } = core) {
  let shelf: Shelf | null = null;
  let house: HouseRules | null = null;
  let houseVersion = 0;
  let last: { readonly id: number; readonly proving: Proving | Error } | null = null;
  function ready(): { shelf: Shelf; house: HouseRules } {
    if (!shelf || !house) throw new Error("The catalogue has not been loaded yet.");
    return { shelf, house };
  }
  function proofMade(id: number): Proving {
    if (last?.id !== id) throw new PastProof();
    if (last.proving instanceof Error) throw last.proving;
    return last.proving;
  }
  /** A question to a proof: its number first, then the arguments. */
  const answering =
    <Asked extends readonly unknown[], Answer>(answer: (proving: Proving, ...asked: Asked) => Answer) =>
    (proof: number, ...asked: Asked): Answer =>
      answer(proofMade(proof), ...asked);

  return {
    setShelf(catalogue: Catalogue, rules: HouseRules, version: number): void {
      shelf = compileShelf(catalogue);
      house = rules;
      houseVersion = version;
    },

    /** Proves a duty and drops the previous proof. An error is the answer to every question about it. */
    prove(id: number, duty: Duty): void {
      const started = performance.now();
      try {
        const parts = ready();
        const proof = prove(duty, parts.shelf, parts.house);
        const milliseconds = performance.now() - started;
        last = {
          id,
          proving: {
            duty,
            ...parts,
            houseVersion,
            proof,
            alone: new Map(),
            ordered: new Map(),
            milliseconds,
          },
        };
      } catch (error) {
        last = { id, proving: error as Error };
      }
    },

    outline: answering(outlineOf),
    rows: answering(rowsFrom),
    row: answering(rowNamed),
    selected: answering(selectedOf),
    details: answering(detailsOf),
    variants: answering(variantsOf),
    drives: answering(drivesOf),
    kinds: answering(kindsOf),
    constructions: answering(constructionRows),
    byConstruction: answering(byConstructionRow),
    seats: answering(async (proving, key: string) => (await laddersApi()).ladderOf(proving, key)),
    corrosion: answering(async (proving, key: string) => (await laddersApi()).corrosionOf(proving, key)),
    supplies: answering(async (proving, key: string) => (await laddersApi()).suppliesOf(proving, key)),
    stall: answering(async (proving, key: string) => (await laddersApi()).stallOf(proving, key)),
    air: answering(async (proving, key: string) => (await laddersApi()).airOf(proving, key)),
    basis: answering(async (proving, key: string) => (await flowApi()).basisOf(proving, key)),
    flowStroke: answering(async (proving, key: string) => (await flowApi()).flowStrokeOf(proving, key)),
    trims: answering(async (proving, key: string) => (await flowApi()).trimsOfCandidate(proving, key)),
    plan: answering(async (proving, ...asked: PlanAsked) => (await shopApi()).planOf(proving, ...asked)),
    fitting: answering(async (proving, key: string) => (await shopApi()).fittingOf(proving, key)),
    chain: answering(async (proving, key: string) => (await shopApi()).chainOfCandidate(proving, key)),
    stack: answering(async (proving, ...asked: StackAsked) => (await shopApi()).stackOf(proving, ...asked)),
    leak: answering(async (proving, ...asked: LeakAsked) => (await shopApi()).leakOf(proving, ...asked)),
    movable: answering(async (proving, key: string) => (await breakingApi()).movableValues(proving, key)),
    breaking: answering(async (proving, ...asked: BreakingAsked) =>
      (await breakingApi()).breakingPointOf(proving, ...asked),
    ),
    mapRow: answering(async (proving, ...asked: MapAsked) =>
      (await breakingApi()).mapRowOf(proving, ...asked),
    ),
    effect: answering(async (proving, field: string) => (await breakingApi()).effectOf(proving, field)),
    sheet: answering(async (proving, ...asked: SheetAsked) =>
      (await sheetApi()).sheetAsIssued(proving, ...asked),
    ),

    /** A tag as one row; with other house rules where they are given. */
    summarise: (duty: Duty, choice: ChoiceKeys | null, under?: HouseRules) =>
      summarise(duty, choice, { ...ready(), ...(under && { house: under }) }),
  };
}

export type ProverApi = ReturnType<typeof proverApi>;
