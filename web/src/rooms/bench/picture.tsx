import type { OperatingCase } from "@proven-seat/core/duty";
import type { Verdict } from "@proven-seat/core/rules";
import { lazy, Suspense, useDeferredValue, useMemo } from "react";
import { StrokeLegend } from "../../stations/drive/stroke-lines.tsx";
import { MissingList } from "../../stations/duty/missing-list.tsx";
import { EnvelopeLegend } from "../../stations/envelope/envelope-lines.tsx";
import type { BenchView } from "../../workers/views.ts";
import type { StationId } from "./stations.ts";

const EnvelopeChart = lazy(() => import("../../stations/envelope/envelope-chart.tsx"));
const StrokeChart = lazy(() => import("../../stations/drive/stroke-chart.tsx"));
const BodyPicture = lazy(() => import("../../stations/body/body-picture.tsx"));
const coming = <p className="p-4 text-dim">Drawing …</p>;

interface Props {
  station: StationId;
  view: BenchView;
  cases: readonly OperatingCase[];
  verdicts: Readonly<Record<string, Verdict>>;
}

/** The picture that decides a station. */
export function Picture({ station, view, cases, verdicts }: Props) {
  const detail = view.inHand;
  // Drawn once for each proof, with the cases it was made of, and after marks and figures are on screen:
  // a picture redrawn on the keystroke would stand between it and its verdict.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the cases of this proof, not of the next keystroke
  const proved = useMemo(() => ({ detail, cases, verdicts }), [detail, verdicts]);
  const drawn = useDeferredValue(proved);
  const height = view.standing === 0 ? "h-[40%]" : "h-[52%]";
  if (station === "duty")
    return (
      <section aria-label="Missing" className="max-h-[45%] shrink-0 overflow-auto px-4 pt-3">
        <h2>What the duty leaves open</h2>
        <MissingList view={view} />
      </section>
    );
  if (station === "flow")
    return (
      <p className="px-4 pt-3 text-dim">
        Flow is not asked of an on–off valve here. What the chosen bore costs in pressure drop is not computed
        yet.
      </p>
    );
  if (!detail) return null;
  if (station === "body")
    return (
      <div className={`min-h-64 shrink-0 px-4 pt-3 ${view.standing === 0 ? "h-[46%]" : "h-[60%]"}`}>
        <Suspense fallback={coming}>
          <BodyPicture view={view} detail={drawn.detail ?? detail} />
        </Suspense>
      </div>
    );
  const envelope = station === "envelope";
  return (
    <section
      aria-label={envelope ? "Envelope" : "Torque over the stroke"}
      className={`flex min-h-56 shrink-0 flex-col px-4 pt-3 ${height}`}
    >
      <div className="flex items-baseline justify-between">
        <h2>{envelope ? "Envelope" : "Demand against drive"}</h2>
        <span className="text-dim">
          {envelope
            ? "lowest limit heavy, passing only dashed"
            : `demand × ${detail.stroke.factor.toFixed(2)} against output`}
        </span>
      </div>
      {envelope ? <EnvelopeLegend envelope={detail.envelope} /> : <StrokeLegend />}
      <div className="min-h-0 flex-1">
        <Suspense fallback={coming}>
          {envelope ? (
            <EnvelopeChart detail={drawn.detail ?? detail} cases={drawn.cases} verdicts={drawn.verdicts} />
          ) : (
            <StrokeChart detail={drawn.detail ?? detail} />
          )}
        </Suspense>
      </div>
    </section>
  );
}
