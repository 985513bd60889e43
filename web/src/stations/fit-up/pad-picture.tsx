import type { FitUpPicture } from "@proven-seat/core/proof";
import type { Pad } from "@proven-seat/core/reference";
import { gravest, type Verdict } from "@proven-seat/core/rules";
import { figureText } from "@proven-seat/core/units";
import { memo } from "react";
import { useUnits } from "../../app/reading.ts";
import type { CandidateDetail } from "../../workers/views.ts";

const stage = 220;

/** Bolt holes of a pad on its circle, the first off the axis of the pipe as drilled. */
const holes = ({ boltCount, pitchCircleDiameterMm }: Pad) =>
  Array.from({ length: boltCount }, (_, at) => {
    const angle = ((at + 0.5) * 2 * Math.PI) / boltCount;
    return [
      Math.cos(angle) * (pitchCircleDiameterMm / 2),
      Math.sin(angle) * (pitchCircleDiameterMm / 2),
    ] as const;
  });

/** Thread size in millimetres: "M20" is 20. */
const threadMm = ({ bolt }: Pad) => Number.parseFloat(bolt.slice(1));

function Flange({ pad, scale, dashed }: { pad: Pad; scale: number; dashed: boolean }) {
  const stroke = {
    stroke: dashed ? "var(--cannot)" : "var(--ink)",
    strokeDasharray: dashed ? "5 3" : undefined,
  };
  return (
    <g fill="none" {...stroke}>
      <circle r={(pad.pitchCircleDiameterMm / 2) * scale} strokeWidth="0.8" strokeDasharray="7 2 1.5 2" />
      {holes(pad).map(([x, y]) => (
        <circle
          key={`${x} ${y}`}
          cx={x * scale}
          cy={y * scale}
          r={Math.max(2, (threadMm(pad) / 2) * scale)}
          strokeWidth="1.5"
        />
      ))}
    </g>
  );
}

const fills: Readonly<Record<Verdict, string>> = {
  holds: "var(--holds)",
  tight: "var(--tight)",
  fails: "var(--fails)",
  "cannot tell": "var(--cannot)",
  "not asked": "var(--dim)",
};

/** Torques against what carries them, on one scale; the peak has the gravest colour of all that must carry it. */
function Bars({ of, peak }: { of: FitUpPicture; peak: Verdict }) {
  const units = useUnits();
  const bars = [
    { name: `pad ${of.pad.flange} carries`, nm: of.pad.maximumTorqueNm, fill: null },
    { name: "stem carries", nm: of.stemLimitNm, fill: null },
    ...(of.peakNm === null ? [] : [{ name: "drive at its peak", nm: of.peakNm, fill: fills[peak] }]),
    ...(of.needsNm === null ? [] : [{ name: "asked of the drive", nm: of.needsNm, fill: "var(--dim)" }]),
  ];
  const most = Math.max(...bars.map((b) => b.nm));
  return (
    <dl className="grid grid-cols-[auto_minmax(0,1fr)_auto] items-center gap-x-3 gap-y-1.5">
      {bars.map(({ name, nm, fill }) => (
        <div key={name} className="contents">
          <dt className="text-dim">{name}</dt>
          <dd aria-hidden="true">
            <svg className="h-2.5 w-full" preserveAspectRatio="none" viewBox="0 0 100 10">
              <title>{name}</title>
              <rect
                width={(nm / most) * 100}
                height="10"
                fill={fill ?? "var(--second)"}
                stroke={fill === null ? "var(--ink)" : "none"}
                vectorEffect="non-scaling-stroke"
              />
              {fill !== null && (
                <path
                  d={`M${(of.pad.maximumTorqueNm / most) * 100} 0V10`}
                  stroke="var(--ink)"
                  vectorEffect="non-scaling-stroke"
                />
              )}
            </svg>
          </dd>
          <dd className="figures text-right">{figureText(nm, "N·m", units)}</dd>
        </div>
      ))}
    </dl>
  );
}

/** The valve's pad from above with the drive's flange on it, and the torques that pass between them. */
const PadPicture = memo(function PadPicture({ detail }: { detail: CandidateDetail }) {
  const { fitUp: of, candidate } = detail;
  const carriedBy = candidate.findings.filter(
    (f) => f.rule === "fit-up/pad-torque" || f.rule === "drive/stem-limit",
  );
  const peak = gravest(carriedBy.map((f) => f.verdict));
  const says = candidate.findings.find((f) => f.rule === "fit-up/pad-torque")?.says;
  const units = useUnits();
  const flanges = [of.pad, ...(of.flange && !of.direct ? [of.flange] : [])];
  const widest = Math.max(...flanges.map((f) => f.pitchCircleDiameterMm + 2.4 * threadMm(f)));
  const scale = stage / 2 / (widest / 2);
  const words = (f: Pad) =>
    `${f.flange}: ${f.boltCount} × ${f.bolt} on ${figureText(f.pitchCircleDiameterMm, "mm", units)}`;
  return (
    <div className="grid h-full grid-cols-[minmax(0,40%)_minmax(0,1fr)] items-center gap-6">
      <svg
        role="img"
        aria-label={`Pad from above. Valve ${words(of.pad)}${of.flange ? `; drive ${words(of.flange)}` : ""}`}
        className="h-full max-h-64 w-full"
        viewBox={`${-stage / 2 - 6} ${-stage / 2 - 6} ${stage + 12} ${stage + 12}`}
      >
        <path
          d={`M${-stage / 2} 0H${stage / 2}M0 ${-stage / 2}V${stage / 2}`}
          stroke="var(--rule)"
          strokeWidth="0.8"
        />
        <Flange pad={of.pad} scale={scale} dashed={false} />
        {of.flange && !of.direct && <Flange pad={of.flange} scale={scale} dashed />}
        <circle
          r={(of.stemDiameterMm / 2) * scale}
          fill="var(--second)"
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      </svg>
      <div className="grid gap-3">
        <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-3">
          <dt className="text-dim">valve pad</dt>
          <dd>{words(of.pad)}</dd>
          <dt className="text-dim">drive flange</dt>
          <dd>
            {of.flange === null
              ? "none: the drive is chosen elsewhere"
              : of.direct
                ? "the same"
                : `${words(of.flange)}, dashed`}
          </dd>
          <dt className="text-dim">stem</dt>
          <dd>{figureText(of.stemDiameterMm, "mm", units)} in the packing</dd>
        </dl>
        <Bars of={of} peak={peak} />
        {says && <p>{says}</p>}
        <p className="text-[12px] text-dim">
          Pads as of ISO 5211, indicative. Key or square of the stem, height of a bracket and its coupling are
          not stated by any line here: ask both makers before it is built.
        </p>
      </div>
    </div>
  );
});

export default PadPicture;
