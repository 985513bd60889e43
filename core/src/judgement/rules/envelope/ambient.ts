import type { SettledCase } from "../../../duty/settling/settled-case.ts";
import type { SettledDuty } from "../../../duty/settling/settled-duty.ts";

/**
 * The duty's cases with the coldest ambient as one more, because an idle line reaches it.
 *
 * @param duty settled duty
 * @returns the cases, and "lowest ambient" at no pressure when it is stated
 * @source the body follows the weather when the line is cold
 */
export function withAmbient(duty: SettledDuty): readonly SettledCase[] {
  const ambient = duty.stated.ambientMinimumC;
  if (ambient === null) return duty.cases;
  return [
    ...duty.cases,
    {
      id: "ambient",
      kind: "cold soak",
      name: "lowest ambient",
      upstreamBarG: 0,
      downstreamBarG: 0,
      downstreamOrigin: "entered",
      temperatureC: ambient,
      shut: true,
      phase: null,
      pressureBarG: 0,
      differentialBar: 0,
      closedDifferentialBar: 0,
      turnedAgainstBar: 0,
      moved: null,
      steamy: false,
    },
  ];
}
