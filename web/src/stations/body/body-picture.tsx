import { Tabs } from "radix-ui";
import type { BenchView } from "../../workers/bench-view.ts";
import type { CandidateDetail } from "../../workers/views.ts";
import { CavityFacts } from "./cavity-facts.tsx";
import { Constructions } from "./constructions.tsx";
import { SectionPicture } from "./section-picture.tsx";

interface Props {
  view: BenchView;
  detail: CandidateDetail;
}

/** Constructions on the left, the selected one in section on the right. */
export default function BodyPicture({ view, detail }: Props) {
  return (
    <div className="grid h-full grid-cols-[minmax(0,38%)_minmax(0,1fr)] gap-4">
      <Constructions view={view} />
      <Tabs.Root defaultValue="section" className="flex min-h-0 flex-col">
        <Tabs.List className="flex gap-4 text-[12px]" aria-label="Selected construction">
          {["section", "cavity and leak paths"].map((id) => (
            <Tabs.Trigger
              key={id}
              value={id}
              className="border-b-2 border-transparent text-dim data-[state=active]:border-ink data-[state=active]:font-semibold data-[state=active]:text-ink"
            >
              {id}
            </Tabs.Trigger>
          ))}
          <span className="ml-auto truncate text-dim">{detail.candidate.valve.construction}</span>
        </Tabs.List>
        <Tabs.Content value="section" className="flex min-h-0 flex-1 flex-col data-[state=inactive]:hidden">
          <SectionPicture data={detail.section} />
        </Tabs.Content>
        <Tabs.Content
          value="cavity and leak paths"
          className="min-h-0 flex-1 overflow-auto data-[state=inactive]:hidden"
        >
          <CavityFacts detail={detail} />
        </Tabs.Content>
      </Tabs.Root>
    </div>
  );
}
