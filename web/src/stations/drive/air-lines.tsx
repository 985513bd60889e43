import type { AirPicture } from "@proven-seat/core/proof";

const [wide, high] = [560, 118];

function Box({ x, y, w, name, says }: { x: number; y: number; w: number; name: string; says?: string }) {
  return (
    <g>
      <rect x={x} y={y} width={w} height="34" className="fill-second stroke-ink" />
      <text x={x + w / 2} y={y + (says ? 14 : 21)} textAnchor="middle" className="fill-ink text-[11px]">
        {name}
      </text>
      {says && (
        <text x={x + w / 2} y={y + 27} textAnchor="middle" className="fill-dim text-[10px]">
          {says}
        </text>
      )}
    </g>
  );
}

/** How the air runs for the school and the arrangement in force: supply to the left, drive to the right. */
export function AirLines({ of }: { of: AirPicture }) {
  const several = of.arrangement !== "single";
  const count = of.solenoids.find((s) => s.arrangement === of.arrangement)!.valves;
  const led = of.sprung && of.springSideAir === "clean air from the drive";
  const ways = of.sprung ? (led ? "exhaust led back" : "3/2") : "5/2";
  const breather = of.sprung && !led;
  return (
    <svg
      role="img"
      aria-label={`Air from the supply through filter and regulator and ${count} solenoid ${count === 1 ? "valve" : "valves"} to the drive; ${of.sprung ? (led ? "its exhaust leads over the springs" : "the spring side breathes what is around it") : "both sides are fed"}`}
      className="h-28 w-full max-w-2xl"
      viewBox={`0 0 ${wide} ${high}`}
    >
      <g className="stroke-ink" fill="none">
        <path d="M0 37H40M120 37H170M280 37H410" />
        <path d="M225 54V92" strokeDasharray="4 3" />
        {of.sprung ? (
          led ? (
            <path d="M225 92H470V66" strokeDasharray="4 3" />
          ) : (
            <path d="M470 66V92" strokeDasharray="4 3" />
          )
        ) : (
          <path d="M280 47H350V92H470V66" />
        )}
      </g>
      <Box x={40} y={20} w={80} name="filter" says="regulator" />
      <Box
        x={170}
        y={20}
        w={110}
        name={several ? `${count} solenoid valves` : "solenoid valve"}
        says={several ? `${of.arrangement}, ${ways}` : ways}
      />
      <rect x={410} y={8} width={120} height="58" className="fill-paper stroke-ink" />
      <path d="M470 8V66" className="stroke-ink" />
      <text x={440} y={42} textAnchor="middle" className="fill-ink text-[11px]">
        air
      </text>
      <text x={500} y={42} textAnchor="middle" className="fill-ink text-[11px]">
        {of.sprung ? "springs" : "air"}
      </text>
      <text x={0} y={30} className="fill-dim text-[10px]">
        supply
      </text>
      <text x={300} y={31} className="fill-dim text-[10px]">
        {`tube ${of.tube.boreMm} mm, ${of.tube.lengthM} m`}
      </text>
      <text x={225} y={106} textAnchor="middle" className="fill-dim text-[10px]">
        {led ? "" : "exhaust"}
      </text>
      <text x={470} y={106} textAnchor="middle" className="fill-dim text-[10px]">
        {breather ? "breathes what is around" : led ? "clean exhaust over the springs" : ""}
      </text>
    </svg>
  );
}
