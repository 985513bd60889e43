import type { Draft, ListMemory, Project } from "@proven-seat/contract";
import { tagKey } from "@proven-seat/core/basis/text";
import { type Duty, noDefaults } from "@proven-seat/core/duty";
import type { ColumnPlan } from "@proven-seat/core/duty/line-list";
import { useEffect, useState } from "react";
import { ApiProblem, call } from "../../app/api.ts";
import { useTagRows } from "../../app/queries.ts";
import type { Comparison, ListHead, ListView, OpenedFile } from "../../workers/list-api.ts";
import { type ListWork, startListWork } from "../../workers/list-work.ts";
import { type Saying, useSaid } from "./decided.ts";
import { bytesOf } from "./file-bytes.ts";

export interface Loaded {
  readonly name: string;
  readonly file: OpenedFile | null;
  readonly sheet: number;
  readonly head: ListHead;
  /** The draft its rows waited in. */
  readonly draft: string | null;
  /** What was said of lists with the same headings was taken over. */
  readonly remembered: boolean;
}

/** What was said before of lists with the same headings; nothing where nobody has. */
async function memoryOf(project: string, shape: string): Promise<ListMemory | null> {
  // A list can be read without it.
  return call("listMemory", { parameters: { id: project, shape } }).catch(() => null);
}

/** The room's worker, started when it is first asked and again after it was ended. */
function listWork() {
  let work: ListWork | null = null;
  return {
    api: () => {
      work ??= startListWork();
      return work.api;
    },
    end: () => {
      work?.end();
      work = null;
    },
  };
}

const dutiesAtOnce = 500;

/** A list in work: its file, what was said of it, what is understood of it, and how it stands to the project. */
export function useList(of: Project | undefined) {
  const project = of?.id;
  const defaults = of?.defaults ?? noDefaults;
  const system = of?.unitSystem ?? "metric";
  const tagRows = useTagRows(project);
  const saying: Saying = useSaid();
  const [loaded, setLoaded] = useState<Loaded | null>(null);
  const [view, setView] = useState<ListView | null>(null);
  const [comparison, setComparison] = useState<Comparison | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const [reading, setReading] = useState(false);
  const [{ api, end }] = useState(listWork);
  useEffect(() => end, [end]);

  async function show(next: Omit<Loaded, "remembered">, own: Pick<ListMemory, "plan" | "values"> | null) {
    const memory = own ?? (project ? await memoryOf(project, next.head.shape) : null);
    const fits = memory !== null && memory.plan.length === next.head.plan.length;
    setComparison(null);
    setView(null);
    saying.begin({
      plan: fits ? (memory.plan as ColumnPlan[]) : next.head.plan,
      decisions: fits ? { values: memory.values } : {},
    });
    setLoaded({ ...next, remembered: fits && own === null });
  }

  async function attempt(name: string, act: () => Promise<void>) {
    setFailure(null);
    setReading(true);
    try {
      await act();
    } catch (error) {
      setLoaded(null);
      setReading(false);
      setFailure(error instanceof ApiProblem ? error.message : `${name}: ${(error as Error).message}`);
    }
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

  const { said } = saying;
  useEffect(() => {
    if (!loaded || !said) return;
    let overtaken = false;
    setReading(true);
    // What was compared before is not said of what is read now.
    setComparison(null);
    api()
      .read(said.plan, said.decisions, defaults)
      .then(
        (next) => {
          if (overtaken) return;
          setView(next);
          setReading(false);
        },
        (error: Error) => {
          if (!overtaken) setFailure(error.message);
        },
      );
    return () => {
      overtaken = true;
    };
  }, [loaded, said, defaults, api]);

  const rows = tagRows.data;
  useEffect(() => {
    if (!view || !rows || !project) return;
    let overtaken = false;
    setComparison(null);
    void (async () => {
      const listed = new Set((await api().numbers()).map(tagKey));
      const met = rows.filter(({ number }) => listed.has(tagKey(number)));
      const duties = new Map<string, { duty: Duty; version: number }>();
      for (let from = 0; from < met.length; from += dutiesAtOnce) {
        const ids = met.slice(from, from + dutiesAtOnce).map(({ id }) => id);
        for (const one of await call("duties", { parameters: { id: project }, body: { ids } }))
          duties.set(one.id, one);
        if (overtaken) return;
      }
      const tags = met.flatMap(({ id, number, service, unit, remarks = {} }) => {
        const found = duties.get(id);
        return found ? [{ number, service, unit, remarks, duty: found.duty, version: found.version }] : [];
      });
      const next = await api().compare(
        tags,
        rows.map(({ number }) => number),
      );
      if (!overtaken) setComparison(next);
    })().catch((error: Error) => {
      if (!overtaken) setFailure(error.message);
    });
    return () => {
      overtaken = true;
    };
  }, [view, rows, project, api]);

  return {
    loaded,
    view,
    comparison,
    failure,
    setFailure,
    reading,
    saying,
    load,
    showSheet,
    openDraft,
    api,
    tagRows,
  };
}

export type ListInWork = ReturnType<typeof useList>;
