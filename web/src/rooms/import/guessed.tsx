import { tagKey } from "@proven-seat/core/basis/text";
import { suggestionKey } from "@proven-seat/core/duty/line-list";
import type { ListView } from "../../workers/list-api.ts";

interface Props {
  view: ListView;
  accepted: readonly string[];
  onUndo: (key: string) => void;
  onAccept: (keys: readonly string[]) => void;
}

/** Changes that words in the list suggest, and assumptions to check and undo. */
export function Guessed({ view, accepted, onUndo, onAccept }: Props) {
  const acceptedSet = new Set(accepted);
  const open = view.suggestions.filter(
    (suggestion) => suggestion.value !== null && !acceptedSet.has(suggestionKey(suggestion)),
  );
  return (
    <>
      {view.suggestionCount > 0 && (
        <section aria-label="Suggestions">
          <h2 className="mt-4">
            Relevant words{" "}
            <span className="font-normal text-dim">{view.suggestionCount}; applied only if you confirm</span>
          </h2>
          <ul className="mt-1 max-h-56 overflow-auto" tabIndex={0}>
            {view.suggestions.map((suggestion) => {
              const key = suggestionKey(suggestion);
              return (
                <li
                  key={`${key}${suggestion.row}`}
                  className="grid grid-cols-[3rem_8rem_minmax(0,1fr)_auto] gap-3 border-b border-rule/60 py-0.5"
                >
                  <span className="figures text-dim">{suggestion.row}</span>
                  <span className="truncate">{suggestion.number}</span>
                  <span>
                    <q>{suggestion.words}</q> in {suggestion.column}. {suggestion.says}
                  </span>
                  {suggestion.value === null ? (
                    <span className="text-dim">on the bench</span>
                  ) : acceptedSet.has(key) ? (
                    <span className="text-holds">applied</span>
                  ) : (
                    <button type="button" className="quiet underline" onClick={() => onAccept([key])}>
                      apply
                    </button>
                  )}
                </li>
              );
            })}
          </ul>
          {open.length > 1 && (
            <button type="button" className="act mt-1" onClick={() => onAccept(open.map(suggestionKey))}>
              Apply all {open.length} shown
            </button>
          )}
        </section>
      )}
      {view.guessCount > 0 && (
        <details className="mt-4">
          <summary className="cursor-pointer font-semibold">
            Assumed <span className="font-normal text-dim">{view.guessCount}</span>
          </summary>
          <ul className="mt-1 max-h-56 overflow-auto" tabIndex={0}>
            {view.guesses.map(({ row, number, column, field, says }) => (
              <li
                key={`${row}${column}${field}${says}`}
                className="grid grid-cols-[3rem_8rem_minmax(0,1fr)_auto] gap-3 border-b border-rule/60 py-0.5"
              >
                <span className="figures text-dim">{row}</span>
                <span className="truncate">{number}</span>
                <span>
                  {says} <span className="text-dim">{column}</span>
                </span>
                {field === "fluid.family" && (
                  <button
                    type="button"
                    className="quiet underline"
                    onClick={() => onUndo(`${tagKey(number)}|${field}`)}
                  >
                    undo
                  </button>
                )}
              </li>
            ))}
          </ul>
        </details>
      )}
    </>
  );
}
