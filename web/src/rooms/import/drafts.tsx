import type { DraftRow } from "@proven-seat/contract";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { call, callAll } from "../../app/api.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { day } from "../../parts/dates.ts";
import type { ListInWork } from "./use-list.ts";

/** Rows of lists that wait for a person. */
export function Drafts({ project, list }: { project: string; list: ListInWork }) {
  const drafts = useQuery({
    queryKey: queryKeys.drafts(project),
    queryFn: ({ signal }) => callAll("drafts", { parameters: { id: project }, signal }),
  });
  const [asked, setAsked] = useState<string | null>(null);
  if (!drafts.data || drafts.data.length === 0) return null;
  const open = async ({ id }: DraftRow) =>
    list.openDraft(await call("draft", { parameters: { id: project, draft: id } }));
  const giveUp = async ({ id }: DraftRow) => {
    await call("deleteDraft", { parameters: { id: project, draft: id } });
    setAsked(null);
    await queryClient.invalidateQueries({ queryKey: queryKeys.drafts() });
  };
  const failed = (error: Error) => list.setFailure(error.message);
  return (
    <section aria-label="Rows set aside" className="mt-3">
      <h2>Rows set aside</h2>
      <ul>
        {drafts.data.map((draft) => (
          <li key={draft.id} className="flex flex-wrap items-baseline gap-3 border-b border-rule/60 py-0.5">
            <span className="figures w-10 text-right">{draft.rows}</span>
            <span className="min-w-0 truncate">of {draft.name}</span>
            <span className="text-dim">
              since {day(draft.createdAt)}, {draft.createdBy}
            </span>
            <button type="button" className="quiet underline" onClick={() => void open(draft).catch(failed)}>
              continue with them
            </button>
            {asked === draft.id ? (
              <>
                <button
                  type="button"
                  className="act text-fails"
                  onClick={() => void giveUp(draft).catch(failed)}
                >
                  Discard {draft.rows} rows permanently
                </button>
                <button type="button" className="quiet" onClick={() => setAsked(null)}>
                  keep them
                </button>
              </>
            ) : (
              <button type="button" className="quiet underline" onClick={() => setAsked(draft.id)}>
                discard
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
