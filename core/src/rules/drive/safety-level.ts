import type { SettledDuty } from "../../duty/settle.ts";

/**
 * Integrity level a duty asks for.
 *
 * @param duty settled duty
 * @returns 1 to 3; 0 where none is asked for
 * @example safetyLevel({ stated: { integrityLevel: "SIL 2" } }) // → 2
 */
export function safetyLevel({
  stated,
}: {
  readonly stated: Pick<SettledDuty["stated"], "integrityLevel">;
}): number {
  const { integrityLevel } = stated;
  return integrityLevel === null || integrityLevel === "none" ? 0 : Number(integrityLevel.slice(-1));
}
