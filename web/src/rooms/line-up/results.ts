import type { Proving, TagRow } from "@proven-seat/contract";
import type { TagMarks, TagSummary } from "@proven-seat/core/judgement/proof";
import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { call, callAll } from "../../app/api.ts";
import { useLiveProvings, useReadAsProved } from "../../app/provings.ts";

const keyOf = ({ id, version }: Pick<TagRow, "id" | "version">) => `${id}:${version}`;
const atOnce = 500;
const none: readonly Proving[] = [];

/** What was found of tags, asked for when somebody looks; a result never changes, it is followed by another. */
const known = new Map<string, TagSummary>();
let knownOf = "";

interface Of {
  readonly id: string;
  readonly catalogueRevision: number;
  readonly houseRuleVersion: number;
}

interface Said {
  readonly of: string;
  readonly trouble: string | null;
  readonly cancelled: boolean;
}

/** What is found of the tags of a project: proved on the server, shown at once where it is known. */
export function useResults(project: Of | undefined, rows: readonly TagRow[] | undefined) {
  const id = project?.id;
  const basis = project ? `${project.catalogueRevision} ${project.houseRuleVersion}` : "";
  const marks = useQuery({
    queryKey: ["marks", id, basis],
    enabled: id !== undefined,
    staleTime: 0,
    // While it is read anew, what was read before stays.
    queryFn: ({ signal }) => callAll("marks", { parameters: { id: id! }, signal }),
  });
  const byTag = useMemo(() => new Map(marks.data?.map((one) => [one.id, one])), [marks.data]);
  // Of this list by this basis: another one was neither given up nor in trouble.
  const [said, setSaid] = useState<Said>({ of: "", trouble: null, cancelled: false });
  const of = `${id} ${basis}`;
  const { trouble, cancelled } = said.of === of ? said : { trouble: null, cancelled: false };
  const say = useCallback(
    (change: Partial<Omit<Said, "of">>) =>
      setSaid((so) => ({ trouble: null, cancelled: false, ...(so.of === of ? so : {}), ...change, of })),
    [of],
  );
  const [, redraw] = useState(0);

  const { provings, lost } = useLiveProvings(id);
  const proving = provings.find(
    (one) => one.what === "list" && `${one.catalogueRevision} ${one.houseRuleVersion}` === basis,
  );
  useReadAsProved(proving ? [proving] : none, marks.refetch);

  const isCurrent = useCallback((row: TagRow) => byTag.get(row.id)?.version === row.version, [byTag]);
  const marksOf = useCallback(
    (row: TagRow): TagMarks | null => {
      const found = byTag.get(row.id);
      return found?.version === row.version ? found.marks : null;
    },
    [byTag],
  );

  const stale = marks.data && rows?.some((row) => !isCurrent(row));
  const begin = useCallback(async () => {
    if (id === undefined) return;
    try {
      await call("askProving", { parameters: { id }, body: { what: "list" } });
      say({ trouble: null });
    } catch (error) {
      say({ trouble: (error as Error).message });
    }
  }, [id, say]);
  const underWay = proving?.state === "under way";
  // Asked once for the rows there are; what changes meanwhile is taken up by whoever proves.
  const asked = useRef<readonly unknown[]>([]);
  useEffect(() => {
    const sameRows = asked.current[0] === rows && asked.current[1] === basis;
    if (!stale || underWay || cancelled || sameRows) return;
    asked.current = [rows, basis];
    void begin();
  }, [stale, underWay, cancelled, basis, rows, begin]);

  /** What was found of some rows, for sentences; those that are not known yet are asked for. */
  const summariesOf = useCallback(
    async (some: readonly TagRow[], signal?: AbortSignal) => {
      if (id === undefined) return;
      if (knownOf !== of) {
        known.clear();
        knownOf = of;
      }
      const open = some.filter((row) => isCurrent(row) && !known.has(keyOf(row)));
      for (let from = 0; from < open.length; from += atOnce) {
        const ids = open.slice(from, from + atOnce).map((row) => row.id);
        const found = await call("summaries", {
          parameters: { id },
          body: { ids },
          ...(signal ? { signal } : {}),
        });
        for (const one of found) known.set(keyOf(one), one.summary);
      }
      if (open.length > 0) redraw((n) => n + 1);
    },
    [id, of, isCurrent],
  );
  const summaryOf = useCallback(
    (row: TagRow): TagSummary | null =>
      knownOf === of && isCurrent(row) ? (known.get(keyOf(row)) ?? null) : null,
    [of, isCurrent],
  );

  const inView = useRef("");
  const setInView = (some: readonly TagRow[]) => {
    const what = some.filter(isCurrent).map(keyOf).join();
    if (what === inView.current) return;
    inView.current = what;
    // A failure is said by the marks, which are asked for as well.
    void summariesOf(some).catch(() => {
      inView.current = "";
    });
  };

  return {
    marksOf,
    summaryOf,
    summariesOf,
    setInView,
    proving: underWay ? proving! : null,
    trouble: trouble ?? marks.error?.message ?? failureOf(proving),
    lost,
    stopped: cancelled,
    stop: async () => {
      say({ cancelled: true });
      if (id !== undefined && proving)
        await call("cancelProving", { parameters: { id, proving: proving.id } }).catch((error: Error) =>
          say({ trouble: error.message }),
        );
    },
    resume: () => {
      if (!cancelled) return void begin();
      asked.current = [];
      say({ cancelled: false });
    },
  };
}

const failureOf = (proving: Proving | undefined): string | null =>
  proving?.state === "failed"
    ? `${proving.total - proving.done} tags could not be proved. The log of the worker processes says why.`
    : null;
