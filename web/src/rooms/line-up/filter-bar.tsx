import type { Verdict } from "@proven-seat/core/judgement/rules";
import type { RefObject } from "react";
import { KeyHint } from "../../parts/key-hint.tsx";
import { markedStations } from "../../stations/index.ts";
import type { Filter } from "./filter.ts";

const verdicts: readonly Verdict[] = ["fails", "cannot tell", "tight", "holds"];

interface Props {
  readonly filter: Filter;
  readonly onFilter: (change: Partial<Filter>) => void;
  readonly search: RefObject<HTMLInputElement | null>;
  /** Leaves the search for the first row found. */
  readonly onFirst: () => void;
}

/** Search, verdict and station the line-up is filtered by. */
export function FilterBar({ filter, onFilter, search, onFirst }: Props) {
  return (
    <>
      <label className="flex items-center gap-1">
        <span className="sr-only">Search tags</span>
        <input
          ref={search}
          type="search"
          className="field w-56 border-b-rule!"
          placeholder="search tag, service, unit, size"
          value={filter.text}
          onChange={(event) => onFilter({ text: event.target.value })}
          onKeyDown={(event) => {
            if (event.key === "Escape") {
              onFilter({ text: "" });
              event.currentTarget.blur();
            }
            if (event.key === "Enter" || event.key === "ArrowDown") onFirst();
          }}
        />
        <KeyHint shortcut="f" />
      </label>
      <label className="flex items-center gap-1 text-dim">
        show
        <select
          aria-label="show verdict"
          className="field w-auto! border-b-rule!"
          value={filter.verdict}
          onChange={(event) => onFilter({ verdict: event.target.value as Verdict })}
        >
          <option value="">all</option>
          {verdicts.map((verdict) => (
            <option key={verdict}>{verdict}</option>
          ))}
        </select>
      </label>
      <label className="flex items-center gap-1 text-dim">
        at
        <select
          aria-label="at station"
          className="field w-auto! border-b-rule!"
          value={filter.station}
          disabled={filter.verdict === ""}
          onChange={(event) => onFilter({ station: event.target.value })}
        >
          <option value="">any station</option>
          {markedStations.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </label>
    </>
  );
}
