import { Tabs } from "radix-ui";
import { lazy, Suspense } from "react";
import { useBench } from "../../bench/bench-store.ts";
import { Notice } from "../../parts/notice.tsx";
import { CandidateTable } from "../../stations/candidates/candidate-table.tsx";
import type { BenchView } from "../../workers/views.ts";
import { lowerTabs, tabNames, tabOf, useLower } from "./lower-tabs.ts";
import type { StationId } from "./stations.ts";

const Variants = lazy(() => import("../../stations/body/variants.tsx"));
const ReachList = lazy(() => import("../../stations/breaking/reach-list.tsx"));
const Compare = lazy(() => import("../../stations/compare/compare.tsx"));
const SeatLadder = lazy(() => import("../../stations/envelope/seat-ladder.tsx"));
const DriveOptions = lazy(() => import("../../stations/drive/drive-options.tsx"));

interface Props {
  station: StationId;
  view: BenchView;
  onCycleOrder: () => void;
}

/** Below the picture: candidates, what else the station offers, how far the duty may move, and the comparison. */
export function Lower({ station, view, onCycleOrder }: Props) {
  const picked = useLower((s) => s.picked);
  const pick = useLower((s) => s.pick);
  const compared = useBench((s) => s.compared.length);
  const tabs = lowerTabs(station);
  const tab = tabOf(station, picked);
  if (view.considered === 0)
    return (
      <Notice title="No candidates yet">
        State the size of the line: without it no valve can be drawn up.
      </Notice>
    );
  const content = {
    candidates: () => <CandidateTable view={view} onCycleOrder={onCycleOrder} />,
    variants: () => <Variants view={view} />,
    seats: () => <SeatLadder view={view} />,
    drives: () => <DriveOptions view={view} />,
    reach: () => <ReachList view={view} />,
    compare: () => <Compare view={view} />,
  };
  return (
    <Tabs.Root
      value={tab}
      onValueChange={(next) => pick(next as typeof tab)}
      className="flex min-h-0 flex-1 flex-col px-4 pt-2"
    >
      <Tabs.List className="mb-1 flex gap-4 border-b border-rule" aria-label="Below the picture">
        {tabs.map((id) => (
          <Tabs.Trigger
            key={id}
            value={id}
            className="-mb-px border-b-2 border-transparent pb-0.5 text-dim data-[state=active]:border-ink data-[state=active]:font-semibold data-[state=active]:text-ink"
          >
            {tabNames[id]}
            {id === "compare" && compared > 0 ? ` ${compared}` : ""}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {tabs.map((id) => (
        <Tabs.Content
          key={id}
          value={id}
          className="flex min-h-0 flex-1 flex-col data-[state=inactive]:hidden"
        >
          <Suspense fallback={<p className="p-2 text-dim">Coming …</p>}>
            {id === tab && content[id]()}
          </Suspense>
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
