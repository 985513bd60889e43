import { Tabs } from "radix-ui";
import type { Tab } from "../../lists/tab.ts";
import { Notice } from "../../parts/notice.tsx";
import type { Station } from "../../stations/station.ts";
import type { BenchView } from "../../workers/bench-view.ts";
import { tabOf, useLower } from "./lower-tabs.ts";

const none = () => 0;

function TabName({ name, useCount = none }: Tab) {
  const count = useCount();
  return (
    <>
      {name}
      {count > 0 ? ` ${count}` : ""}
    </>
  );
}

/** Below the picture: candidates, other lists of the station, movable values, and the comparison. */
export function Lower({ station, view }: { station: Station; view: BenchView }) {
  const picked = useLower((s) => s.picked);
  const pick = useLower((s) => s.pick);
  const shown = tabOf(station, picked);
  if (!shown) return null;
  if (view.considered === 0) {
    const toKnow = view.missing.filter((m) => m.assumption === null).map((m) => m.label);
    return (
      <Notice title="No candidates yet">
        {toKnow.length > 0
          ? `To start the proof, enter: ${toKnow.join(", ")}.`
          : "The installed valve is not built in this size and class."}
      </Notice>
    );
  }
  return (
    <Tabs.Root value={shown.id} onValueChange={pick} className="flex min-h-0 flex-1 flex-col px-4 pt-2">
      <Tabs.List className="mb-1 flex gap-4 border-b border-rule" aria-label="Below the picture">
        {station.tabs.map((tab) => (
          <Tabs.Trigger
            key={tab.id}
            value={tab.id}
            className="-mb-px border-b-2 border-transparent pb-0.5 text-dim data-[state=active]:border-ink data-[state=active]:font-semibold data-[state=active]:text-ink"
          >
            <TabName {...tab} />
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {station.tabs.map(({ id, Content }) => (
        <Tabs.Content
          key={id}
          value={id}
          className="flex min-h-0 flex-1 flex-col data-[state=inactive]:hidden"
        >
          {id === shown.id && <Content view={view} />}
        </Tabs.Content>
      ))}
    </Tabs.Root>
  );
}
