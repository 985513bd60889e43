import type { AirPicture } from "@proven-seat/core/judgement/proof";

const [boxWide, boxHigh, gap, top, tubeWide] = [118, 36, 26, 34, 50];

interface Step {
  readonly name: string;
  readonly says: string;
}

/** Parts in the air line, the supply first. */
function chain(air: AirPicture, ways: string): Step[] {
  const led = air.executions.find((e) => e.led)!;
  const item = (kind: string) => air.fittings.find((f) => f.kind === kind)?.mounted?.item;
  const count = air.solenoids.find((s) => s.arrangement === air.arrangement)!.valves;
  const positioner = air.fittings.find((f) => f.kind === "positioner");
  const solenoid = air.fittings.length === 0 || air.fittings.some((f) => f.kind === "solenoid valve");
  return [
    { name: "filter-regulator", says: item("filter-regulator") ?? "" },
    ...(positioner ? [{ name: "positioner", says: item("positioner") ?? "none fits" }] : []),
    ...(solenoid
      ? [
          {
            name: count > 1 ? `${count} solenoid valves, ${air.arrangement}` : "solenoid valve",
            says: item("solenoid valve") ?? ways,
          },
        ]
      : []),
    ...(led.name === "with quick exhaust"
      ? [{ name: "quick exhaust", says: item("quick exhaust") ?? "" }]
      : led.name === "with volume booster"
        ? [{ name: "volume booster", says: item("volume booster") ?? "" }]
        : []),
  ];
}

function Box({ x, y, name, says }: Step & { x: number; y: number }) {
  return (
    <g>
      <rect x={x} y={y} width={boxWide} height={boxHigh} className="fill-second stroke-ink" />
      <text x={x + boxWide / 2} y={y + (says ? 15 : 22)} textAnchor="middle" className="fill-ink text-[11px]">
        {name}
      </text>
      {says && (
        <text x={x + boxWide / 2} y={y + 28} textAnchor="middle" className="fill-dim text-[10px]">
          {says}
        </text>
      )}
    </g>
  );
}

/** How the air runs for the school and the arrangement in force: supply to the left, drive to the right. */
export function AirLines({ air }: { air: AirPicture }) {
  const clean = air.sprung && air.springSideAir === "clean air from the drive";
  const ways = air.sprung && !clean ? "3/2" : "5/2";
  const steps = chain(air, ways);
  // The last of the valves that lead the air; behind it runs the tube.
  const leads = steps.findLastIndex(({ name }) => /solenoid|positioner/.test(name));
  const leftOf = (n: number) => 44 + n * (boxWide + gap) + (n > leads ? tubeWide : 0);
  const drive = leftOf(steps.length);
  const wide = drive + 134;
  const middle = top + boxHigh / 2;
  const valve = leftOf(leads) + boxWide / 2;
  // On a double-acting actuator the valve feeds the second chamber below, beside its exhaust.
  const exhaust = air.sprung ? valve : valve - 30;
  const bottle = air.fittings.find((f) => f.kind === "volume bottle")?.mounted;
  const switches = air.fittings.find((f) => f.kind === "limit switches")?.mounted;
  const under = top + boxHigh + 34;
  const springSide = air.sprung
    ? clean
      ? "the exhaust goes through the spring chamber"
      : "the spring chamber breathes ambient air"
    : "both sides are supplied";
  return (
    <svg
      role="img"
      aria-label={`Air from the supply through ${steps.map(({ name }) => name).join(", ")} to the actuator; ${springSide}${bottle ? "; a volume tank stores air behind a check valve" : ""}`}
      className="h-36 w-full max-w-4xl"
      viewBox={`0 0 ${wide} ${under + 32}`}
      preserveAspectRatio="xMinYMid meet"
    >
      <g className="stroke-ink" fill="none">
        <path d={`M0 ${middle}H${drive}`} />
        <path d={`M${exhaust} ${top + boxHigh}V${under}`} strokeDasharray="4 3" />
        {air.sprung ? (
          clean ? (
            <path d={`M${exhaust} ${under}H${drive + 90}V${top + 46}`} strokeDasharray="4 3" />
          ) : (
            <path d={`M${drive + 90} ${top + 46}V${under}`} strokeDasharray="4 3" />
          )
        ) : (
          <path d={`M${valve + 30} ${top + boxHigh}V${under - 12}H${drive + 90}V${top + 46}`} />
        )}
        {bottle && <path d={`M${leftOf(0) + boxWide + gap / 2} ${middle}V12H${leftOf(1) + 8}`} />}
      </g>
      {steps.map((step, n) => (
        <Box key={step.name} x={leftOf(n)} y={top} {...step} />
      ))}
      {bottle && (
        <g>
          <rect x={leftOf(1) + 8} y={2} width={70} height={20} rx={9} className="fill-paper stroke-ink" />
          <text x={leftOf(1) + 43} y={16} textAnchor="middle" className="fill-ink text-[10px]">
            {bottle.item}
          </text>
        </g>
      )}
      <rect x={drive} y={top - 10} width={120} height={56} className="fill-paper stroke-ink" />
      <path d={`M${drive + 60} ${top - 10}V${top + 46}`} className="stroke-ink" />
      <text x={drive + 30} y={middle + 4} textAnchor="middle" className="fill-ink text-[11px]">
        air
      </text>
      <text x={drive + 90} y={middle + 4} textAnchor="middle" className="fill-ink text-[11px]">
        {air.sprung ? "springs" : "air"}
      </text>
      {switches && (
        <text x={drive + 60} y={top - 15} textAnchor="middle" className="fill-dim text-[10px]">
          {`limit switches ${switches.item}`}
        </text>
      )}
      <text x={0} y={middle - 6} className="fill-dim text-[10px]">
        supply
      </text>
      <text x={leftOf(leads) + boxWide + 6} y={middle - 6} className="fill-dim text-[10px]">
        {`${air.tube.boreMm} mm, ${air.tube.lengthM} m`}
      </text>
      <text x={exhaust} y={under + 13} textAnchor="middle" className="fill-dim text-[10px]">
        {clean ? "" : "exhaust"}
      </text>
      <text x={wide} y={under + 13} textAnchor="end" className="fill-dim text-[10px]">
        {air.sprung ? (clean ? "exhaust through the spring chamber" : "breathes ambient air") : ""}
      </text>
    </svg>
  );
}
