import { mustBeKnownOf } from "@proven-seat/core/duty";
import { useDeferredValue, useEffect, useMemo, useState } from "react";
import { useCatalogue, useHouseRules } from "../../app/pinned.ts";
import { useSheets, useTag } from "../../app/queries.ts";
import { useUnits } from "../../app/reading.ts";
import { InStatus } from "../../app/slots.tsx";
import { useBench } from "../../bench/bench-store.ts";
import { faultsOf } from "../../bench/faults.ts";
import { useBenchProof } from "../../bench/proof.ts";
import { useAutosave } from "../../bench/saving.ts";
import { NoneSuitable } from "../../lists/candidates/none-suitable.tsx";
import { Notice } from "../../parts/notice.tsx";
import { DutyPanel } from "../../stations/duty/duty-panel.tsx";
import type { IssuedState, Station } from "../../stations/station.ts";
import type { BenchView } from "../../workers/bench-view.ts";
import { ChoiceBar } from "./choice-bar.tsx";
import { useChoosing } from "./choosing.ts";
import { useBenchCommands } from "./commands.ts";
import { FindingsPanel } from "./findings/findings-panel.tsx";
import { BenchHeader } from "./header.tsx";
import { Lower } from "./lower.tsx";
import { caseVerdicts, stationMarks } from "./marks.ts";
import { OverrideDialog } from "./override-dialog.tsx";
import { RemoveDialog } from "./remove-dialog.tsx";
import { StaleDialog } from "./stale-dialog.tsx";
import { TheLine } from "./the-line.tsx";
import { Welcome } from "./welcome.tsx";

/** The newest sheet of the tag, and whether it still agrees with the bench. */
function useIssued(tagId: string): IssuedState | null {
  const [newest] = useSheets(tagId).data ?? [];
  const dutyVersion = useTag(tagId).data?.dutyVersion;
  const saved = useBench((s) => s.save.kind === "saved");
  const choice = useBench((s) => s.content!.choice);
  return newest
    ? {
        revision: newest.revision,
        current:
          saved &&
          newest.dutyVersion === dutyVersion &&
          newest.valve === choice?.valve &&
          newest.drive === choice.drive,
      }
    : null;
}

/** Plain data; the same object while its content is equal, so that nothing is drawn again. */
function useSame<T>(value: T): T {
  const written = JSON.stringify(value);
  return useMemo(() => JSON.parse(written) as T, [written]);
}

function Footer({ view, behind }: { view: BenchView | null; behind: boolean }) {
  const revision = useCatalogue().data?.revision ?? "–";
  const version = useHouseRules().data?.version ?? "–";
  const took = view && (view.milliseconds < 1 ? "under 1" : Math.round(view.milliseconds));
  return (
    <InStatus>
      {behind
        ? "the proof shown is for the last valid duty"
        : view
          ? `${view.considered} ${view.considered === 1 ? "candidate" : "candidates"} proved in ${took} ms · catalogue r${revision} · house rules v${version}`
          : "proving …"}
    </InStatus>
  );
}

/** One tag: the line across the top, duty left, the deciding picture in the centre, findings right. */
export function Bench({ tagId, station }: { tagId: string; station: Station }) {
  const content = useBench((s) => s.content!);
  const save = useBench((s) => s.save);
  const { view, behind, failure } = useBenchProof();
  const units = useUnits();
  const issued = useIssued(tagId);
  const verdicts = useSame(caseVerdicts(view));
  // Not of the proof, which comes a moment after the entry that Enter leads on from.
  const toKnow = useSame(mustBeKnownOf(content.duty));
  const faults = useMemo(() => faultsOf(content), [content]);
  const choosing = useChoosing(view);
  const [asking, setAsking] = useState<"stale" | "remove" | null>(null);
  useAutosave();
  useEffect(() => {
    if (save.kind === "stale") setAsking("stale");
  }, [save.kind]);

  const detail = view?.selected ?? null;
  const { cases } = content.duty;
  useBenchCommands(tagId, station, detail?.candidate.key ?? null, choosing, () => setAsking("remove"));
  const marks = stationMarks({
    view,
    cases: cases.length,
    chosen: content.choice !== null,
    issued,
    units,
  });
  // Drawn once for each proof, with its own cases, and after marks and values are on screen: drawing it on the
  // keystroke would delay the verdict.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the cases of this proof, not of the next keystroke
  const proved = useMemo(() => ({ detail, cases, verdicts }), [detail, verdicts]);
  const deferred = useDeferredValue(proved);
  const drawn = deferred.detail === null ? proved : deferred;
  const { Picture } = station;

  return (
    <div className="grid h-full grid-rows-[auto_auto_minmax(0,1fr)]">
      <BenchHeader tagId={tagId} faults={faults} toKnow={toKnow} onStale={() => setAsking("stale")} />
      <Footer view={view} behind={behind} />
      <div>
        <Welcome />
      </div>
      <TheLine marks={marks} current={station.id} tagId={tagId} />
      <div className="grid min-h-0 grid-cols-[280px_minmax(0,1fr)_344px]">
        <div className="min-h-0 border-r border-rule">
          <DutyPanel faults={faults} caseVerdicts={verdicts} toKnow={toKnow} />
        </div>
        <div className={`flex min-h-0 flex-col ${behind ? "opacity-80" : ""}`}>
          {failure && <Notice title="The proof could not be made">{failure}</Notice>}
          {!view && !failure && <Notice title="Proving …" />}
          {view && (
            <>
              <Picture view={view} drawn={drawn} onOverride={choosing.override} />
              {station.tabs.length > 0 && <NoneSuitable view={view} />}
              <Lower station={station} view={view} />
            </>
          )}
        </div>
        <div className="flex min-h-0 flex-col border-l border-rule">
          {detail ? (
            <>
              <FindingsPanel detail={detail} focus={station.findings} />
              <ChoiceBar detail={detail} tagId={tagId} choosing={choosing} />
            </>
          ) : (
            <Notice title="No candidate selected" />
          )}
        </div>
      </div>
      {choosing.asksReason && detail && (
        <OverrideDialog
          detail={detail}
          reason={choosing.isChosen ? (content.choice?.overrideReason ?? "") : ""}
          onClose={choosing.dismiss}
          onOverride={choosing.withReason}
        />
      )}
      {asking === "remove" && (
        <RemoveDialog tagId={tagId} number={content.number} onClose={() => setAsking(null)} />
      )}
      {asking === "stale" && save.kind === "stale" && (
        <StaleDialog current={save.current} onClose={() => setAsking(null)} />
      )}
    </div>
  );
}
