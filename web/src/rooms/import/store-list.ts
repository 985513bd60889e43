import type { ImportResult, TagRow } from "@proven-seat/contract";
import { call } from "../../app/api.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import type { ListInWork } from "./use-list.ts";

interface Storing {
  readonly project: string;
  readonly list: ListInWork;
  /** Keys of tags that are there already and take the list's changes. */
  readonly accepted: ReadonlySet<string>;
  /** Tags that are no longer in the list and are removed. */
  readonly removed: readonly Pick<TagRow, "id" | "version">[];
  /** Whether rows with faults wait as a draft. */
  readonly later: boolean;
}

/** Stores complete tags and keeps waiting rows, all at once or nothing. */
export async function storeList({ project, list, accepted, removed, later }: Storing): Promise<ImportResult> {
  const { loaded, view, saying, api } = list;
  const { plan, decisions } = saying.said!;
  const tags = await api().toStore([...accepted]);
  const values = decisions.values ?? {};
  const kept = later ? await api().keep(view!.waiting, decisions) : null;
  const result = await call("importTags", {
    parameters: { id: project },
    body: {
      tags,
      existing: "update",
      gone: removed.map(({ id, version }) => ({ id, version })),
      ...(kept ? { later: { name: loaded!.name, content: { ...kept, plan, values } } } : {}),
      ...(loaded!.draft ? { draft: loaded!.draft } : {}),
    } as never,
  });
  // Forgotten, the list is only less well understood the next time.
  await call("remember", {
    parameters: { id: project, shape: loaded!.head.shape },
    body: { plan: [...plan], values } as never,
  }).catch(() => undefined);
  await queryClient.invalidateQueries({ queryKey: queryKeys.tags() });
  void queryClient.invalidateQueries({ queryKey: queryKeys.projects() });
  void queryClient.invalidateQueries({ queryKey: queryKeys.drafts() });
  return result;
}
