import { type KeyboardEvent, useEffect, useRef } from "react";
import { Link, useLocation } from "react-router";
import type { NewTagState } from "../../app/add-tag.ts";

import { useAddress } from "../../app/project.ts";
import { InHeader } from "../../app/slots.tsx";
import { useBench } from "../../bench/bench-store.ts";
import { enterField, nextToKnow } from "../../parts/field-place.ts";
import { SaveStateText } from "./save-state.tsx";

const onEnter = (act: () => void) => (event: KeyboardEvent) => {
  if (event.key !== "Enter" || event.nativeEvent.isComposing || event.ctrlKey || event.metaKey) return;
  event.preventDefault();
  act();
};

/** The tag's number and service, edited in the header, and the save state. */
export function BenchHeader({
  tagId,
  faults,
  toKnow,
  onStale,
}: {
  tagId: string;
  faults: Record<string, string>;
  toKnow: readonly string[];
  onStale: () => void;
}) {
  const content = useBench((s) => s.content!);
  const address = useAddress();
  const { editTag } = useBench.getState();
  const number = useRef<HTMLInputElement>(null);
  const { state, key } = useLocation();
  const fresh = (state as NewTagState | null)?.newTag === true;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each new tag
  useEffect(() => {
    if (!fresh) return;
    number.current?.focus();
    number.current?.select();
  }, [fresh, key]);
  return (
    <InHeader>
      <span className="truncate text-dim">{content.unit}</span>
      <h1 className="sr-only">{content.number}</h1>
      <input
        className="field w-28! shrink-0 font-semibold"
        aria-label="tag number"
        aria-invalid={faults.number !== undefined}
        title={faults.number}
        ref={number}
        value={content.number}
        onKeyDown={onEnter(() => enterField("service"))}
        onChange={(e) => editTag({ number: e.target.value })}
      />
      {faults.number && (
        <span role="alert" className="whitespace-nowrap text-fails">
          {faults.number}
        </span>
      )}
      <span className="flex min-w-24 flex-1" data-field="service">
        <input
          className="field"
          aria-label="service"
          placeholder="service"
          maxLength={120}
          value={content.service}
          title={content.service}
          onKeyDown={onEnter(() => {
            const next = nextToKnow(toKnow, null);
            if (next !== null) enterField(next);
          })}
          onChange={(e) => editTag({ service: e.target.value })}
        />
      </span>
      <Link className="quiet whitespace-nowrap" to={address(`/tags/${tagId}/shop`)}>
        Go to the shop
      </Link>
      <SaveStateText onStale={onStale} />
    </InHeader>
  );
}
