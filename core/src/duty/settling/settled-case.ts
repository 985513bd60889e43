import type { OperatingCase } from "../statement/case.ts";
import type { Duty } from "../statement/duty.ts";

export type DutyOrigin = "entered" | "assumed";

/** A case with assumptions filled in; pressure or temperature may still be unknown. */
export interface SettledCase {
  readonly id: string;
  readonly kind: OperatingCase["kind"];
  readonly name: string;
  readonly upstreamBarG: number | null;
  readonly downstreamBarG: number;
  readonly downstreamOrigin: DutyOrigin;
  readonly temperatureC: number | null;
  /** The valve may be shut in it, so that seats, cavity and torque are asked; never in a fire. */
  readonly shut: boolean;
  /** Whether it is moved in it; null where that is not stated. */
  readonly moved: boolean | null;
  readonly phase: Duty["fluid"]["phase"];
  /** Higher of the two sides, bar g: the pressure on the body. */
  readonly pressureBarG: number | null;
  /** Differential as stated, bar. */
  readonly differentialBar: number | null;
  /** Worst differential across the shut valve in either direction, the other side vented, bar. */
  readonly closedDifferentialBar: number | null;
  /** Differential it is opened and closed against: the far side vented unless a shut case states it, bar. */
  readonly turnedAgainstBar: number | null;
  /** Steam, or water above 100 °C, which leaks as steam. */
  readonly steamy: boolean;
}
