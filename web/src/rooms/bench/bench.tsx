import type { RuleStation } from "@proven-seat/core/rules";
import { lazy, Suspense, useCallback, useEffect, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { useCommands } from "../../app/commands.ts";
import { useCatalogue, useHouseRules, useSheets, useTag } from "../../app/queries.ts";
import { useUnits } from "../../app/reading.ts";
import { InStatus } from "../../app/slots.tsx";
import { redo, undo, useBench } from "../../bench/bench-store.ts";
import { faultsOf } from "../../bench/content.ts";
import { useBenchProof } from "../../bench/proof.ts";
import { saveNow, useAutosave } from "../../bench/saving.ts";
import { Notice } from "../../parts/notice.tsx";
import { useShortcuts } from "../../parts/shortcuts.ts";
import { orderAfter } from "../../stations/candidates/candidate-table.tsx";
import { NothingStands } from "../../stations/candidates/nothing-stands.tsx";
import { useAddCase } from "../../stations/duty/add-case.tsx";
import { DutyPanel } from "../../stations/duty/duty-panel.tsx";
import { FindingsPanel } from "../../stations/findings/findings-panel.tsx";
import { ChoiceBar } from "./choice-bar.tsx";
import { BenchHeader } from "./header.tsx";
import { Lower } from "./lower.tsx";
import { lowerTabs, tabNames, tabOf, useLower } from "./lower-tabs.ts";
import { OverrideDialog } from "./override-dialog.tsx";
import { Picture } from "./picture.tsx";
import { RemoveDialog } from "./remove-dialog.tsx";
import { StaleDialog } from "./stale-dialog.tsx";
import { caseVerdicts, type StationId, stationIds, stationMarks } from "./stations.ts";
import { TheLine } from "./the-line.tsx";

const SheetStation = lazy(() => import("../../stations/sheet/sheet-station.tsx"));
const addCase = () => useAddCase.getState().set(true);
const focused: readonly StationId[] = ["body", "envelope", "torque", "drive", "fit-up"];

/** One tag: the line across the top, duty left, the deciding picture in the centre, findings right. */
export function Bench({ tagId, station }: { tagId: string; station: StationId }) {
  const content = useBench((s) => s.content!);
  const save = useBench((s) => s.save);
  const tag = useTag(tagId);
  const sheets = useSheets(tagId);
  const catalogue = useCatalogue();
  const house = useHouseRules();
  const { view, behind, failure } = useBenchProof();
  const units = useUnits();
  const navigate = useNavigate();
  const [asking, setAsking] = useState<"override" | "stale" | "remove" | null>(null);
  const faults = useMemo(() => faultsOf(content), [content]);
  const verdicts = useMemo(() => caseVerdicts(view), [view]);
  const { choose } = useBench.getState();
  useAutosave();

  useEffect(() => {
    if (save.kind === "stale") setAsking("stale");
  }, [save.kind]);

  const detail = view?.inHand ?? null;
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
  const offered = detail !== null && !detail.byConstruction;
  const chooseInHand = () => setWishing(true);
  const override = () => offered && setAsking("override");
  // biome-ignore lint/correctness/useExhaustiveDependencies: acts once, when the wish meets the proof
  useEffect(() => {
    if (!wishing || !settledInHand) return;
    setWishing(false);
    if (!offered) return;
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
  const compare = () => inHand && useBench.getState().compare(inHand.key);
  const cycleLower = () => {
    const tabs = lowerTabs(station);
    const { picked, pick: pickTab } = useLower.getState();
    pickTab(tabs[(tabs.indexOf(tabOf(station, picked)) + 1) % tabs.length]!);
  };

  const commands = [
    { name: "Choose the valve in hand", keys: "C", act: chooseInHand },
    { name: "Override with a reason", keys: "V", act: override },
    { name: "Compare the valve in hand", keys: "K", act: compare },
    { name: "Add an operating case", keys: "A", act: addCase },
    { name: "Next list below the picture", keys: "L", act: cycleLower },
    ...lowerTabs(station).map((id) => ({
      name: `Below the picture: ${tabNames[id]}`,
      act: () => useLower.getState().pick(id),
    })),
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
    a: addCase,
    o: cycleOrder,
    v: override,
    c: chooseInHand,
    k: compare,
    l: cycleLower,
    "[": () => goBy(-1),
    "]": () => goBy(1),
    "mod+z": undo,
    "mod+shift+z": redo,
    "mod+y": redo,
    "mod+s": () => void saveNow(),
  });

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

  return (
    <div className="grid h-full grid-rows-[auto_minmax(0,1fr)]">
      <BenchHeader faults={faults} onStale={() => setAsking("stale")} />
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
          <DutyPanel faults={faults} caseVerdicts={verdicts} />
        </div>
        <div className={`flex min-h-0 flex-col ${behind ? "opacity-80" : ""}`}>
          {failure && <Notice title="The proof could not be made">{failure}</Notice>}
          {!view && !failure && <Notice title="Proving …" />}
          {view && station === "sheet" && (isChosen || chosenKey === null) && (
            <Suspense fallback={<Notice title="Opening the sheet …" />}>
              <SheetStation view={view} chosen={isChosen ? detail : null} onOverride={override} />
            </Suspense>
          )}
          {view && station !== "sheet" && (
            <>
              <Picture station={station} view={view} cases={content.duty.cases} verdicts={verdicts} />
              <NothingStands view={view} />
              <Lower station={station} view={view} onCycleOrder={cycleOrder} />
            </>
          )}
        </div>
        <div className="flex min-h-0 flex-col border-l border-rule">
          {detail ? (
            <>
              <FindingsPanel
                detail={detail}
                focus={focused.includes(station) ? (station as RuleStation) : null}
              />
              <ChoiceBar
                detail={detail}
                tagId={tagId}
                isChosen={isChosen}
                onChoose={chooseInHand}
                onOverride={override}
              />
            </>
          ) : (
            <Notice title="No candidate in hand" />
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
