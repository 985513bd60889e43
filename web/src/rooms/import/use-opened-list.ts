import type { Draft, ListMemory, Project } from "@proven-seat/contract";
import type { ColumnPlan } from "@proven-seat/core/duty/line-list";
import { useState } from "react";
import { ApiProblem, call } from "../../app/api.ts";
import { useRoomWorker } from "../../parts/room-worker.ts";
import type { ListHead, OpenedFile } from "../../workers/list-api.ts";
import { startListWork } from "../../workers/list-work.ts";
import type { Saying } from "./decided.ts";
import { bytesOf } from "./file-bytes.ts";

export interface Loaded {
  readonly name: string;
  readonly file: OpenedFile | null;
  readonly sheet: number;
  readonly head: ListHead;
  /** The draft its rows waited in. */
  readonly draft: string | null;
  /** Decisions on lists with the same headings were applied. */
  readonly remembered: boolean;
}

/** Earlier decisions on lists with the same headings; nothing where there are none. */
async function memoryOf(project: string, shape: string): Promise<ListMemory | null> {
  // A list can be read without it.
  return call("listMemory", { parameters: { id: project, shape } }).catch(() => null);
}

/** Opens a list: a sheet of a file, or the rows of a draft, with the column mapping used before for the same headings. */
export function useOpenedList(project: Project | undefined, saying: Saying) {
  const system = project?.unitSystem ?? "metric";
  const [loaded, setLoaded] = useState<Loaded | null>(null);
  const [opening, setOpening] = useState(false);
  const [failure, setFailure] = useState<string | null>(null);
  const api = useRoomWorker(startListWork);

  async function show(next: Omit<Loaded, "remembered">, own: Pick<ListMemory, "plan" | "values"> | null) {
    const memory = own ?? (project ? await memoryOf(project.id, next.head.shape) : null);
    const fits = memory !== null && memory.plan.length === next.head.plan.length;
    saying.begin({
      plan: fits ? (memory.plan as ColumnPlan[]) : next.head.plan,
      decisions: fits ? { values: memory.values } : {},
    });
    setLoaded({ ...next, remembered: fits && own === null });
  }

  async function attempt(name: string, open: () => Promise<void>) {
    setFailure(null);
    setOpening(true);
    try {
      await open();
    } catch (error) {
      setLoaded(null);
      setFailure(error instanceof ApiProblem ? error.message : `${name}: ${(error as Error).message}`);
    }
    setOpening(false);
  }

  const load = (picked: File) =>
    attempt(picked.name, async () => {
      const file = await api().open(await bytesOf(picked));
      const head = await api().use(file.best, system);
      await show({ name: picked.name, file, sheet: file.best, head, draft: null }, null);
    });
  const showSheet = (sheet: number) =>
    attempt(loaded!.name, async () => {
      const head = await api().use(sheet, system);
      await show({ ...loaded!, sheet, head }, null);
    });
  const openDraft = ({ id, name, content }: Draft) =>
    attempt(name, async () => {
      const head = await api().useRows(content, content.plan);
      await show({ name, file: null, sheet: 0, head, draft: id }, content);
    });

  return { loaded, opening, failure, setFailure, api, load, showSheet, openDraft };
}
