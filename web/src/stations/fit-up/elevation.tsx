import { figureText } from "@proven-seat/core/basis/units";
import type { FitUpPicture } from "@proven-seat/core/judgement/proof";
import { useUnits } from "../../app/reading.ts";

interface Box {
  readonly left: number;
  readonly bottom: number;
  readonly wide: number;
  readonly high: number;
}
const centred = (wide: number, bottom: number, high: number): Box => ({
  left: -wide / 2,
  bottom,
  wide,
  high,
});

/** A part seen from the side; heights are from the pipe's axis, upwards. */
function Part({ box, className }: { box: Box; className: string }) {
  return (
    <rect
      x={box.left}
      y={-box.bottom - box.high}
      width={box.wide}
      height={box.high}
      className={className}
      vectorEffect="non-scaling-stroke"
    />
  );
}

const metal = "fill-second stroke-ink";
const drawn = "fill-paper stroke-ink";
/** The flange of the pipe. */
const ofPipe = "fill-none stroke-dim";
/** Drawn for the two, not bought. */
const made = "fill-paper stroke-holds";

/** Heights as dimensions, each to the right of its part. */
function Measures({
  spans,
  position,
  high,
}: {
  spans: readonly (readonly [string, number, number])[];
  position: number;
  high: number;
}) {
  const words = high / 16;
  return (
    <g className="stroke-dim" fill="none">
      {spans.map(([text, from, to], i) => {
        const x = position + i * words * 0.4;
        return (
          <g key={text + from}>
            <path
              d={`M${x} ${-from}V${-to}M${x - words / 3} ${-from}h${(2 * words) / 3}M${x - words / 3} ${-to}h${(2 * words) / 3}`}
              vectorEffect="non-scaling-stroke"
            />
            <text
              x={x + words / 2}
              y={-(from + to) / 2 + words / 3}
              style={{ fontSize: `${words}px` }}
              className="figures fill-dim stroke-none"
            >
              {text}
            </text>
          </g>
        );
      })}
    </g>
  );
}

/** Valve, parts between and actuator from the side, to scale; unstated dimensions are left out. */
export function Elevation({ picture }: { picture: FitUpPicture }) {
  const units = useUnits();
  const { fitUp, stemEnd, outside, pad } = picture;
  const flangeMm = picture.flangeDiameterMm ?? pad.pitchCircleDiameterMm * 2;
  const padAt = picture.padHeightMm ?? flangeMm / 2;
  const faceToFace = picture.faceToFaceMm ?? flangeMm;
  const rise = fitUp?.riseMm ?? 0;
  const driveAt = padAt + rise;
  const driveTop = driveAt + (outside?.heightMm ?? 0);
  const padMm = pad.pitchCircleDiameterMm + 2.5 * Number(pad.bolt.slice(1));
  const top = Math.max(driveTop, padAt + (stemEnd?.heightMm ?? 0)) * 1.04;
  const bottom = -flangeMm * 0.16;
  const high = top - bottom;
  const wide =
    Math.max(faceToFace + 0.2 * flangeMm, outside?.lengthMm ?? 0, fitUp?.bracket?.plateWidthMm ?? 0) * 1.05;
  const length = (mm: number) => figureText(mm, "mm", units);
  const measures = [
    // An unstated dimension is drawn approximately and not dimensioned.
    ...(picture.padHeightMm === null ? [] : [[length(padAt), 0, padAt] as const]),
    ...(rise > 0 ? [[length(rise), padAt, driveAt] as const] : []),
    ...(outside ? [[length(outside.heightMm), driveAt, driveTop] as const] : []),
  ] as const;
  const room = high / 2.7;
  const { bracket, coupling } = fitUp ?? { bracket: null, coupling: null };
  return (
    <svg
      role="img"
      aria-label={`Side view: pad ${picture.padHeightMm === null ? "height not stated" : `${length(padAt)} above the pipe axis`}${rise > 0 ? `, bracket ${length(rise)} high` : ""}${outside ? `, actuator ${length(outside.heightMm)} high` : ""}`}
      className="h-full max-h-72 w-full"
      viewBox={`${-wide / 2} ${-top} ${wide + room} ${high}`}
    >
      <path
        d={`M${-wide / 2} 0H${wide / 2}`}
        className="stroke-rule"
        strokeDasharray="12 3 2 3"
        vectorEffect="non-scaling-stroke"
      />
      <Part box={centred(faceToFace * 0.8, bottom, padAt * 0.8 - bottom)} className={metal} />
      {[-1, 1].map((side) => (
        <g key={side}>
          <Part
            box={{
              left: side < 0 ? -faceToFace / 2 : faceToFace * 0.4,
              bottom,
              wide: faceToFace * 0.1,
              high: flangeMm / 2 - bottom,
            }}
            className={metal}
          />
          <Part
            box={{
              left: side < 0 ? -faceToFace / 2 - flangeMm * 0.1 : faceToFace / 2,
              bottom,
              wide: flangeMm * 0.1,
              high: flangeMm / 2 - bottom,
            }}
            className={ofPipe}
          />
        </g>
      ))}
      <Part box={centred(padMm * 0.6, padAt * 0.78, padAt * 0.22)} className={metal} />
      <Part box={centred(padMm, padAt * 0.94, padAt * 0.06)} className={metal} />
      {outside && fitUp && (
        <>
          <Part box={centred(outside.lengthMm, driveAt, outside.heightMm)} className={drawn} />
          <path
            d={`M${-high / 60} ${-driveAt - outside.centreMm}h${high / 30}M0 ${-driveAt - outside.centreMm - high / 60}v${high / 30}`}
            className="stroke-ink"
            vectorEffect="non-scaling-stroke"
          />
          <circle
            cy={-driveAt - outside.centreMm}
            r={high / 80}
            className="fill-none stroke-ink"
            vectorEffect="non-scaling-stroke"
          />
        </>
      )}
      {bracket && (
        <>
          <Part box={centred(bracket.plateWidthMm, padAt, bracket.plateMm)} className={made} />
          <Part
            box={centred(bracket.plateWidthMm, driveAt - bracket.plateMm, bracket.plateMm)}
            className={made}
          />
          {[-1, 1].map((side) => (
            <Part
              key={side}
              box={{
                left: side < 0 ? -bracket.plateWidthMm / 2 : bracket.plateWidthMm / 2 - bracket.legMm,
                bottom: padAt + bracket.plateMm,
                wide: bracket.legMm,
                high: bracket.heightMm - 2 * bracket.plateMm,
              }}
              className={made}
            />
          ))}
        </>
      )}
      {coupling && (
        <>
          <Part
            box={centred(coupling.outsideMm, padAt, coupling.socketDepthMm + coupling.solidMm)}
            className={made}
          />
          <Part
            box={centred(
              coupling.end.acrossMm,
              padAt + coupling.socketDepthMm + coupling.solidMm,
              Math.max(rise - coupling.socketDepthMm - coupling.solidMm, 0) + coupling.end.heightMm,
            )}
            className={made}
          />
        </>
      )}
      {stemEnd && (
        <Part box={centred(stemEnd.acrossMm, padAt, stemEnd.heightMm)} className="fill-ink/25 stroke-ink" />
      )}
      <Measures spans={measures} position={wide / 2 + room * 0.08} high={high} />
    </svg>
  );
}
