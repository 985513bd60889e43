import type { RuleStation } from "@proven-seat/core/rules";
import { lazy, Suspense, useCallback, useDeferredValue, useEffect, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { useCommands } from "../../app/commands.ts";
import { useCatalogue, useHouseRules, useProject, useSheets, useTag } from "../../app/queries.ts";
import { useUnits } from "../../app/reading.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { redo, undo, useBench } from "../../bench/bench-store.ts";
import { faultsOf } from "../../bench/content.ts";
import { useBenchProof } from "../../bench/proof.ts";
import { saveNow, useAutosave } from "../../bench/saving.ts";
import { KeyHint } from "../../parts/key-hint.tsx";
import { Notice } from "../../parts/notice.tsx";
import { useShortcuts } from "../../parts/shortcuts.ts";
import { Variants } from "../../stations/body/variants.tsx";
import { CandidateTable, orderAfter } from "../../stations/candidates/candidate-table.tsx";
import { NothingStands } from "../../stations/candidates/nothing-stands.tsx";
import { DriveOptions } from "../../stations/drive/drive-options.tsx";
import { StrokeLegend } from "../../stations/drive/stroke-lines.tsx";
import { DutyPanel } from "../../stations/duty/duty-panel.tsx";
import { MissingList } from "../../stations/duty/missing-list.tsx";
import { EnvelopeLegend } from "../../stations/envelope/envelope-lines.tsx";
import { FindingsPanel } from "../../stations/findings/findings-panel.tsx";
import { SheetStation } from "../../stations/sheet/sheet-station.tsx";
import { OverrideDialog } from "./override-dialog.tsx";
import { RemoveDialog } from "./remove-dialog.tsx";
import { SaveStateText } from "./save-state.tsx";
import { StaleDialog } from "./stale-dialog.tsx";
import { caseVerdicts, type StationId, stationIds, stationMarks } from "./stations.ts";
import { TheLine } from "./the-line.tsx";

const EnvelopeChart = lazy(() => import("../../stations/envelope/envelope-chart.tsx"));
const StrokeChart = lazy(() => import("../../stations/drive/stroke-chart.tsx"));
const chartComing = <p className="p-4 text-dim">Drawing …</p>;

/** One tag: the line across the top, duty left, the deciding picture in the centre, findings right. */
export function Bench({ tagId, station }: { tagId: string; station: StationId }) {
  const content = useBench((s) => s.content!);
  const save = useBench((s) => s.save);
  const project = useProject();
  const tag = useTag(tagId);
  const sheets = useSheets(tagId);
  const catalogue = useCatalogue();
  const house = useHouseRules();
  const { view, prover, behind, failure } = useBenchProof();
  const navigate = useNavigate();
  const [asking, setAsking] = useState<"override" | "stale" | "remove" | null>(null);
  const faults = useMemo(() => faultsOf(content), [content]);
  const verdicts = useMemo(() => caseVerdicts(view), [view]);
  const { editTag, addCase, choose } = useBench.getState();
  useAutosave();

  useEffect(() => {
    if (save.kind === "stale") setAsking("stale");
  }, [save.kind]);

  const detail = view?.inHand ?? null;
  // Drawn once for each proof, with the cases it was made of, and after marks and figures are on screen:
  // a picture redrawn on the keystroke would stand between it and its verdict.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the cases of this proof, not of the next keystroke
  const proved = useMemo(() => ({ detail, cases: content.duty.cases, verdicts }), [detail, verdicts]);
  const drawn = useDeferredValue(proved);
  const inHand = detail?.candidate ?? null;
  const choice = content.choice;
  const isChosen =
    choice !== null &&
    inHand !== null &&
    choice.valve === inHand.valve.key &&
    choice.drive === (inHand.drive?.key ?? null);
  const grave = inHand?.verdict === "fails" || inHand?.verdict === "cannot tell";
  const pick = (overrideReason: string | null) => {
    if (!inHand) return;
    choose({
      valve: inHand.valve.key,
      drive: inHand.drive?.key ?? null,
      notes: choice?.notes ?? "",
      overrideReason,
    });
    setAsking(null);
  };
  // What was taken a moment ago may still be being proved: the choice waits for it, and never takes the one before.
  const takenKey = useBench((s) => s.inHand);
  const settledInHand = inHand !== null && view?.askedFor === takenKey;
  const [wishing, setWishing] = useState(false);
  const chooseInHand = () => setWishing(true);
  // biome-ignore lint/correctness/useExhaustiveDependencies: acts once, when the wish meets the proof
  useEffect(() => {
    if (!wishing || !settledInHand) return;
    setWishing(false);
    if (grave) setAsking("override");
    else pick(null);
  }, [wishing, settledInHand]);

  // The sheet speaks of the chosen valve, whatever was in hand before.
  const chosenKey = view?.chosen?.key ?? null;
  useEffect(() => {
    if (station === "sheet" && chosenKey !== null) useBench.getState().take(chosenKey);
  }, [station, chosenKey]);
  const goBy = (by: number) =>
    void navigate(
      `/tags/${tagId}/${stationIds[Math.max(0, Math.min(stationIds.length - 1, stationIds.indexOf(station) + by))]}`,
    );
  const cycleOrder = useCallback(
    () => useBench.getState().setOrder(orderAfter(useBench.getState().order)),
    [],
  );

  const commands = [
    { name: "Choose the valve in hand", keys: "C", act: chooseInHand },
    { name: "Override with a reason", keys: "V", act: () => setAsking("override") },
    { name: "Add an operating case", keys: "A", act: () => addCase() },
    { name: "Undo", keys: "Ctrl Z", act: undo },
    { name: "Redo", keys: "Ctrl Shift Z", act: redo },
    { name: "Save now", keys: "Ctrl S", act: () => void saveNow() },
    { name: "Remove this tag", act: () => setAsking("remove") },
    ...stationIds.map((id) => ({ name: `Station: ${id}`, act: () => void navigate(`/tags/${tagId}/${id}`) })),
  ];
  const setOfRoom = useCommands((s) => s.setOfRoom);
  // biome-ignore lint/correctness/useExhaustiveDependencies: renewed when what they act on changes
  useEffect(() => {
    setOfRoom(commands);
    return () => setOfRoom([]);
  }, [inHand?.key, tagId, station, choice]);
  useShortcuts({
    a: () => addCase(),
    o: cycleOrder,
    v: () => detail && setAsking("override"),
    c: () => detail && chooseInHand(),
    "[": () => goBy(-1),
    "]": () => goBy(1),
    "mod+z": undo,
    "mod+shift+z": redo,
    "mod+y": redo,
    "mod+s": () => void saveNow(),
  });

  const units = useUnits();
  const newest = sheets.data?.[0];
  const issued = newest
    ? {
        revision: newest.revision,
        current:
          save.kind === "saved" &&
          newest.dutyVersion === tag.data?.dutyVersion &&
          newest.valve === choice?.valve &&
          newest.drive === choice.drive,
      }
    : null;
  const marks = stationMarks(view, content.duty.cases.length, choice !== null, issued, units);
  const focus = (["body", "envelope", "torque", "drive", "fit-up"] as string[]).includes(station)
    ? (station as RuleStation)
    : null;
  const picture =
    station === "torque" || station === "drive" || station === "fit-up"
      ? "stroke"
      : station === "envelope"
        ? "envelope"
        : null;

  return (
    <div className="grid h-full grid-rows-[auto_minmax(0,1fr)]">
      <InHeader>
        <span className="truncate text-dim">
          {project?.name}
          {content.unit && ` / ${content.unit}`}
        </span>
        <h1 className="sr-only">{content.number}</h1>
        <input
          className="field w-28! shrink-0 font-semibold"
          aria-label="tag number"
          aria-invalid={faults.number !== undefined}
          title={faults.number}
          value={content.number}
          onChange={(e) => editTag({ number: e.target.value })}
        />
        {faults.number && (
          <span role="alert" className="whitespace-nowrap text-fails">
            {faults.number}
          </span>
        )}
        <input
          className="field min-w-24 flex-1"
          aria-label="service"
          placeholder="service"
          maxLength={120}
          value={content.service}
          title={content.service}
          onChange={(e) => editTag({ service: e.target.value })}
        />
        <SaveStateText onStale={() => setAsking("stale")} />
      </InHeader>
      <InStatus>
        {behind
          ? "the proof shown is of the last duty that could be read"
          : view
            ? `${view.considered} candidates proved in ${view.milliseconds < 1 ? "under 1" : Math.round(view.milliseconds)} ms · catalogue r${catalogue.data?.revision ?? "–"} · house rules v${house.data?.version ?? "–"}`
            : "proving …"}
      </InStatus>
      <TheLine marks={marks} current={station} tagId={tagId} />
      <div className="grid min-h-0 grid-cols-[280px_minmax(0,1fr)_344px]">
        <div className="min-h-0 border-r border-rule">
          <DutyPanel faults={faults} caseVerdicts={verdicts} onAddCase={() => addCase()} />
        </div>
        <div className={`flex min-h-0 flex-col ${behind ? "opacity-80" : ""}`}>
          {failure && <Notice title="The proof could not be made">{failure}</Notice>}
          {!view && !failure && <Notice title="Proving …" />}
          {view && station === "sheet" && (isChosen || chosenKey === null) && (
            <SheetStation
              view={view}
              chosen={isChosen ? detail : null}
              onOverride={() => setAsking("override")}
            />
          )}
          {view && station === "duty" && (
            <section aria-label="Missing" className="max-h-[45%] shrink-0 overflow-auto px-4 pt-3">
              <h2>What the duty leaves open</h2>
              <MissingList missing={view.missing} />
            </section>
          )}
          {view && picture && detail && (
            <section
              aria-label={picture === "envelope" ? "Envelope" : "Torque over the stroke"}
              className={`flex min-h-56 shrink-0 flex-col px-4 pt-3 ${view.standing === 0 ? "h-[38%]" : "h-[52%]"}`}
            >
              <div className="flex items-baseline justify-between">
                <h2>{picture === "envelope" ? "Envelope" : "Demand against drive"}</h2>
                <span className="text-dim">
                  {picture === "envelope"
                    ? "lowest limit drawn heavy"
                    : `demand × ${detail.stroke.factor.toFixed(2)} against output`}
                </span>
              </div>
              {picture === "stroke" ? <StrokeLegend /> : <EnvelopeLegend envelope={detail.envelope} />}
              <div className="min-h-0 flex-1">
                <Suspense fallback={chartComing}>
                  {picture === "envelope" ? (
                    <EnvelopeChart
                      detail={drawn.detail ?? detail}
                      cases={drawn.cases}
                      verdicts={drawn.verdicts}
                    />
                  ) : (
                    <StrokeChart detail={drawn.detail ?? detail} />
                  )}
                </Suspense>
              </div>
            </section>
          )}
          {view && station === "flow" && (
            <p className="px-4 pt-3 text-dim">
              Flow is not asked of an on–off valve here. What the chosen bore costs in pressure drop is not
              computed yet.
            </p>
          )}
          {view && station !== "sheet" && <NothingStands view={view} />}
          {view && station === "body" && detail && <Variants view={view} prover={prover} />}
          {view && (station === "drive" || station === "torque" || station === "fit-up") && detail && (
            <DriveOptions view={view} prover={prover} />
          )}
          {view &&
            ["duty", "envelope", "flow", "body"].includes(station) &&
            (view.rows.length > 0 ? (
              <CandidateTable view={view} onCycleOrder={cycleOrder} />
            ) : (
              <Notice title="No candidates yet">
                State the size of the line: without it no valve can be drawn up.
              </Notice>
            ))}
        </div>
        <div className="flex min-h-0 flex-col border-l border-rule">
          {detail ? <FindingsPanel detail={detail} focus={focus} /> : <Notice title="No candidate in hand" />}
          {detail && (
            <div className="border-t border-rule px-4 py-2.5">
              {isChosen ? (
                <p className="flex flex-wrap items-center gap-3">
                  <strong>Chosen</strong>
                  <button type="button" className="act" onClick={() => void navigate(`/tags/${tagId}/sheet`)}>
                    To the sheet
                  </button>
                  <button type="button" className="quiet" onClick={() => choose(null)}>
                    take back
                  </button>
                </p>
              ) : (
                <p className="flex items-center gap-3">
                  <button type="button" className="act-first" onClick={chooseInHand}>
                    {grave ? "Choose against the proof" : "Choose this valve"}
                    <KeyHint>C</KeyHint>
                  </button>
                  <button type="button" className="quiet" onClick={() => setAsking("override")}>
                    override
                    <KeyHint>V</KeyHint>
                  </button>
                </p>
              )}
              {isChosen && choice?.overrideReason && (
                <p className="mt-1 border-l-2 border-fails pl-2 text-[12px]">
                  Overridden: {choice.overrideReason}
                </p>
              )}
              {isChosen && grave && !choice?.overrideReason && (
                <p className="mt-1 border-l-2 border-fails pl-2 text-[12px]">
                  The duty has changed and the chosen valve no longer holds.{" "}
                  <button type="button" className="underline" onClick={() => setAsking("override")}>
                    Override with a reason
                  </button>
                  , or choose another.
                </p>
              )}
            </div>
          )}
        </div>
      </div>
      {asking === "override" && detail && (
        <OverrideDialog
          detail={detail}
          reason={isChosen ? (choice?.overrideReason ?? "") : ""}
          onClose={() => setAsking(null)}
          onOverride={pick}
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
