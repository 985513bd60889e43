/** Properties of a supply, for any kind of actuator: rules ask for these, so that a new supply is one entry here. */
interface SupplyTraits {
  /** Runs on instrument air. */
  readonly air: boolean;
  /** Runs on the gas of the line itself. */
  readonly lineGas: boolean;
  /** A motor turns it: it has a supply voltage, an enclosure and a marking. */
  readonly motor: boolean;
  /** A person turns it. */
  readonly hand: boolean;
  /** Compliant, as a gas is: friction then decides how finely it can be positioned. */
  readonly givesWay: boolean;
}

const supplies = {
  pneumatic: { air: true, lineGas: false, motor: false, hand: false, givesWay: true },
  electric: { air: false, lineGas: false, motor: true, hand: false, givesWay: false },
  hydraulic: { air: false, lineGas: false, motor: false, hand: false, givesWay: false },
  "line gas": { air: false, lineGas: true, motor: false, hand: false, givesWay: true },
  "by hand": { air: false, lineGas: false, motor: false, hand: true, givesWay: false },
} as const satisfies Record<string, SupplyTraits>;

/** Operators that a duty may ask for. */
export type SupplyKind = keyof typeof supplies;

/** Whether a supply is instrument air. */
export const usesAir = (supply: SupplyKind): boolean => supplies[supply].air;
/** Whether it is the gas of the line itself. */
export const usesLineGas = (supply: SupplyKind): boolean => supplies[supply].lineGas;
/** Whether a motor turns the valve. */
export const hasMotor = (supply: SupplyKind): boolean => supplies[supply].motor;
/** Whether a person turns the valve. */
export const isByHand = (supply: SupplyKind): boolean => supplies[supply].hand;
/** Whether it is compliant, as a gas is. */
export const givesWay = (supply: SupplyKind): boolean => supplies[supply].givesWay;
