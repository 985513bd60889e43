/** Arrangements of seats and cavity. */
export const cavityIds = [
  "plain",
  "self-relieving seat",
  "slot hole",
  "upstream hole",
  "cavity filler",
  "two self-relieving",
  "self-relieving + double-piston",
  "two double-piston",
  "none",
] as const;
export type CavityId = (typeof cavityIds)[number];

/** What an arrangement of seats and cavity provides, without flattery. */
export interface Cavity {
  readonly id: CavityId;
  readonly name: string;
  readonly says: string;
  /** Whether liquid shut in and warmed has nowhere to go. */
  readonly trapsLiquid: boolean;
  /** Where trapped pressure is relieved by itself. */
  readonly relievesTo: "nowhere" | "lower side" | "upstream" | "while open only";
  /** Open to the line while the valve is closed, so that gas leaves without lifting a seat. */
  readonly ventedWhenClosed: boolean;
  /** Seats that hold against pressure from upstream, and from downstream, at once. */
  readonly barriers: { readonly forward: 1 | 2; readonly reverse: 0 | 1 | 2 };
  /** Each seat holds its own side while the cavity is bled. */
  readonly blockAndBleed: boolean;
  /** The arrangement makes the valve one-way, even in a two-way body. */
  readonly oneWay: boolean;
  /** Space for product to stay, polymerise or crystallise in. */
  readonly deadSpace: boolean;
}

const cavities: readonly Cavity[] = [
  {
    id: "plain",
    name: "plain seats",
    says: "Two soft seats hold the ball, and the downstream seat seals. When closed, the cavity traps liquid.",
    trapsLiquid: true,
    relievesTo: "nowhere",
    ventedWhenClosed: false,
    barriers: { forward: 1, reverse: 1 },
    blockAndBleed: false,
    oneWay: false,
    deadSpace: true,
  },
  {
    id: "self-relieving seat",
    name: "self-relieving seats, floating ball",
    says: "The lip or slots of the seat relieve the cavity to the lower-pressure side.",
    trapsLiquid: false,
    relievesTo: "lower side",
    ventedWhenClosed: false,
    barriers: { forward: 1, reverse: 1 },
    blockAndBleed: false,
    oneWay: false,
    deadSpace: true,
  },
  {
    id: "slot hole",
    name: "ball with a hole from slot to bore",
    says: "Cavity and bore are connected only while the valve is open.",
    trapsLiquid: true,
    relievesTo: "while open only",
    ventedWhenClosed: false,
    barriers: { forward: 1, reverse: 1 },
    blockAndBleed: false,
    oneWay: false,
    deadSpace: true,
  },
  {
    id: "upstream hole",
    name: "ball with a hole in its upstream face",
    says: "When closed, the cavity is open to the upstream side. Only the downstream seat seals, so the valve is unidirectional.",
    trapsLiquid: false,
    relievesTo: "upstream",
    ventedWhenClosed: true,
    barriers: { forward: 1, reverse: 0 },
    blockAndBleed: false,
    oneWay: true,
    deadSpace: true,
  },
  {
    id: "cavity filler",
    name: "cavity-filling seats",
    says: "The seats fill the space round the ball, so that little product stays in the cavity.",
    trapsLiquid: true,
    relievesTo: "nowhere",
    ventedWhenClosed: false,
    barriers: { forward: 1, reverse: 1 },
    blockAndBleed: false,
    oneWay: false,
    deadSpace: false,
  },
  {
    id: "two self-relieving",
    name: "two self-relieving seats",
    says: "Line pressure presses each seat onto the ball from its own side, and cavity pressure lifts the seat on the lower-pressure side. One barrier against pressure from one side. Two barriers while the cavity is bled between two pressurised sides.",
    trapsLiquid: false,
    relievesTo: "lower side",
    ventedWhenClosed: false,
    barriers: { forward: 1, reverse: 1 },
    blockAndBleed: true,
    oneWay: false,
    deadSpace: true,
  },
  {
    id: "self-relieving + double-piston",
    name: "self-relieving upstream, double-piston downstream",
    says: "The downstream seat holds pressure that passes the upstream seat. The cavity relieves to the upstream side.",
    trapsLiquid: false,
    relievesTo: "upstream",
    ventedWhenClosed: false,
    barriers: { forward: 2, reverse: 1 },
    blockAndBleed: true,
    oneWay: false,
    deadSpace: true,
  },
  {
    id: "two double-piston",
    name: "two double-piston seats",
    says: "Each seat holds from both sides: two barriers in both directions. A liquid-filled cavity needs an external relief to the upstream side.",
    trapsLiquid: true,
    relievesTo: "nowhere",
    ventedWhenClosed: false,
    barriers: { forward: 2, reverse: 2 },
    blockAndBleed: true,
    oneWay: false,
    deadSpace: true,
  },
  {
    id: "none",
    name: "no cavity",
    says: "No fluid is trapped behind the closing member.",
    trapsLiquid: false,
    relievesTo: "lower side",
    ventedWhenClosed: true,
    barriers: { forward: 1, reverse: 1 },
    blockAndBleed: false,
    oneWay: false,
    deadSpace: false,
  },
];

const byId = new Map(cavities.map((cavity) => [cavity.id, cavity]));

/**
 * An arrangement of seats and cavity by id.
 *
 * @param id one of `cavityIds`
 * @returns the arrangement
 * @source mechanics of the seats: which side of each seat its pressure acts on
 * @example cavityNamed("two double-piston").barriers.forward // → 2
 */
export function cavityNamed(id: CavityId): Cavity {
  return byId.get(id)!;
}
