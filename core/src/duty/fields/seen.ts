import type {
  CaseKind,
  endConnections,
  Hazard,
  integrityLevels,
  operators,
  phases,
  ValveFunction,
} from "./words.ts";

/**
 * Values of a duty that fields read besides their own. Fields come before the duty type that is made of them, so they
 * cannot name it; the duty is checked against this type where it is defined.
 */
export interface DutySeen {
  readonly dn: number | null;
  readonly operator: (typeof operators)[number] | null;
  readonly endConnection: (typeof endConnections)[number] | null;
  readonly function: readonly ValveFunction[] | null;
  readonly integrityLevel: (typeof integrityLevels)[number] | null;
  readonly onSite: boolean | null;
  readonly factorSetAside: readonly string[] | null;
  readonly heldVolumeM3: number | null;
  readonly airMinimumBarG: number | null;
  readonly airMaximumBarG: number | null;
  readonly oilMinimumBarG: number | null;
  readonly oilMaximumBarG: number | null;
  readonly ambientMinimumC: number | null;
  readonly ambientMaximumC: number | null;
  readonly fluid: {
    readonly family: string | null;
    readonly substance: string | null;
    readonly chloridesMgL: number | null;
    readonly hazards: readonly Hazard[] | null;
    readonly setAside: readonly Hazard[] | null;
    readonly phase: (typeof phases)[number] | null;
  };
  readonly cases: readonly {
    readonly kind: CaseKind;
    readonly flow: string;
    readonly mayBeShut: boolean;
    readonly rate: number | null;
    readonly temperatureC: number | null;
  }[];
}

/** A field's own value, where its path puts it in a duty. */
export type OwnValue<Path extends string, Stated> = Path extends `fluid.${infer Key}`
  ? { readonly fluid: { readonly [K in Key]: Stated } }
  : { readonly [K in Path]: Stated };
