import { useProject } from "../../app/queries.ts";
import { InHeader } from "../../app/slots.tsx";
import { useBench } from "../../bench/bench-store.ts";
import { SaveStateText } from "./save-state.tsx";

/** The tag's number and service, edited in the header, and what is saved of it. */
export function BenchHeader({ faults, onStale }: { faults: Record<string, string>; onStale: () => void }) {
  const project = useProject();
  const content = useBench((s) => s.content!);
  const { editTag } = useBench.getState();
  return (
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
      <SaveStateText onStale={onStale} />
    </InHeader>
  );
}
