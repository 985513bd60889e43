import type { Proving, TagRow } from "@proven-seat/contract";
import { useCallback, useEffect, useRef, useState } from "react";
import { call } from "../../app/api.ts";
import { useLiveProvings, useReadAsProved } from "../../app/provings.ts";
import { basisKey, type PinnedProject } from "./pinned-project.ts";

const none: readonly Proving[] = [];

/** The proving of one list on one basis, as this page knows it. */
interface Course {
  readonly list: string;
  readonly trouble: string | null;
  readonly cancelled: boolean;
}

const failureOf = (proving: Proving | undefined): string | null =>
  proving?.state === "failed"
    ? `${proving.total - proving.done} tags could not be proved. See the log of the worker processes.`
    : null;

interface List {
  readonly project: PinnedProject | undefined;
  readonly rows: readonly TagRow[] | undefined;
  /** Some rows have no marks for their current version. */
  readonly stale: boolean;
  /** Fetches the marks again. */
  readonly read: () => unknown;
}

/** Asks the server to prove tags without marks, and reports the progress. */
export function useListProving({ project, rows, stale, read }: List) {
  const id = project?.id;
  const basis = project ? basisKey(project) : "";
  const list = `${id} ${basis}`;
  const [last, setLast] = useState<Course>({ list: "", trouble: null, cancelled: false });
  // The state belongs to one list and one basis. It does not apply to another.
  const { trouble, cancelled } = last.list === list ? last : { trouble: null, cancelled: false };
  const change = useCallback(
    (next: Partial<Omit<Course, "list">>) =>
      setLast((cached) => ({
        trouble: null,
        cancelled: false,
        ...(cached.list === list ? cached : {}),
        ...next,
        list,
      })),
    [list],
  );

  const { provings, lost } = useLiveProvings(id);
  const proving = provings.find((candidate) => candidate.what === "list" && basisKey(candidate) === basis);
  useReadAsProved(proving ? [proving] : none, read);

  const begin = useCallback(async () => {
    if (id === undefined) return;
    try {
      await call("askProving", { parameters: { id }, body: { what: "list" } });
      change({ trouble: null });
    } catch (error) {
      change({ trouble: (error as Error).message });
    }
  }, [id, change]);
  const underWay = proving?.state === "under way";
  // Ask once for these rows. The worker processes pick up tags that change meanwhile.
  const askedFor = useRef<readonly unknown[]>([]);
  useEffect(() => {
    const sameRows = askedFor.current[0] === rows && askedFor.current[1] === basis;
    if (!stale || underWay || cancelled || sameRows) return;
    askedFor.current = [rows, basis];
    void begin();
  }, [stale, underWay, cancelled, basis, rows, begin]);

  return {
    proving: underWay ? proving : null,
    trouble: trouble ?? failureOf(proving),
    lost,
    stopped: cancelled,
    stop: async () => {
      change({ cancelled: true });
      if (id !== undefined && proving)
        await call("cancelProving", { parameters: { id, proving: proving.id } }).catch((error: Error) =>
          change({ trouble: error.message }),
        );
    },
    resume: () => {
      if (!cancelled) return void begin();
      askedFor.current = [];
      change({ cancelled: false });
    },
  };
}
