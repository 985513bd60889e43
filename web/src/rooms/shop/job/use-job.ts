import type { JobKind, JobState, Said, ShopPlan } from "@proven-seat/core/outcome/shop";
import { jobState } from "@proven-seat/core/outcome/shop";
import { useCallback, useEffect, useMemo, useState } from "react";
import { useNavigate } from "react-router";
import { call, callAll } from "../../../app/api.ts";
import { useProjectId } from "../../../app/project.ts";
import { type Held, placeOf, useDevice } from "./device.ts";
import { handIn } from "./hand-in.ts";

/** Interval for reading the entries of others. */
const everyMs = 3000;

/** A job as a page shows it and adds to it. */
export interface OpenJob {
  readonly id: string | null;
  /** Null where none is started. */
  readonly held: Held | null;
  readonly state: JobState;
  /** Whether the server was reached when it was last tried. */
  readonly reached: boolean;
  /** Adds an event to the job, and starts the job with it; false where no technician is named. */
  readonly say: (said: Said) => boolean;
  /** Closes it, so that another may be started. */
  readonly leave: () => void;
}

const nothing: Held["known"] = [];

/** Finds the job of a tag in progress that was started on another device. */
function useJoined(tagId: string, kind: JobKind, asked: string | null): void {
  const project = useProjectId();
  const open = useDevice((s) => s.open[placeOf(tagId, kind)]);
  useEffect(() => {
    if (asked === null ? open !== undefined || project === undefined : asked === open) return;
    const gone = new AbortController();
    const { signal } = gone;
    const join = async (job: string) => {
      const found = await call("job", { parameters: { id: tagId, job }, signal });
      if (!signal.aborted && found.kind === kind) useDevice.getState().openJob(found);
    };
    const find = async () => {
      if (asked !== null) return join(asked);
      const rows = await callAll("jobs", { parameters: { id: project! }, signal });
      const { left } = useDevice.getState();
      const under = rows.find(
        (row) =>
          row.tagId === tagId && row.kind === kind && row.finishedAt === null && !left.includes(row.id),
      );
      if (under && !signal.aborted) await join(under.id);
    };
    // Without a connection a new job starts; it is sent later beside the other.
    find().catch(() => undefined);
    return () => gone.abort();
  }, [tagId, kind, asked, open, project]);
}

/** Keeps handing in and asking, for as long as the page is open. */
function useHandingIn(job: string | undefined): boolean {
  const [reached, setReached] = useState(true);
  const waiting = useDevice((s) => (job === undefined ? 0 : (s.jobs[job]?.waiting.length ?? 0)));
  useEffect(() => {
    if (job === undefined) return;
    const go = () => void handIn(job).then(setReached);
    // Own events at once; after that at an interval, for those of others.
    if (waiting > 0) go();
    const again = setInterval(go, everyMs);
    window.addEventListener("online", go);
    return () => {
      clearInterval(again);
      window.removeEventListener("online", go);
    };
  }, [job, waiting]);
  return reached;
}

/**
 * The job of a kind on a tag: the one open on this device, the one asked for, or the one others have in progress.
 *
 * @param job tag, kind, valve in words, the plan as it would be begun now
 * @param asked id in the address; null where none is
 * @returns state of the job, and functions to add to it
 */
export function useJob(
  job: { tagId: string; kind: JobKind; valve: string; plan: ShopPlan | null },
  asked: string | null,
): OpenJob {
  const { tagId, kind, valve, plan } = job;
  useJoined(tagId, kind, asked);
  const id = useDevice((s) => s.open[placeOf(tagId, kind)]);
  const held = useDevice((s) => (id === undefined ? null : (s.jobs[id] ?? null)));
  const reached = useHandingIn(id);
  const [known, waiting] = [held?.known ?? nothing, held?.waiting ?? nothing];
  const state = useMemo(() => jobState([...known, ...waiting]), [known, waiting]);
  const say = useCallback(
    (said: Said) => {
      const device = useDevice.getState();
      if (device.who.trim() === "") return false;
      device.say(device.open[placeOf(tagId, kind)] ?? device.begin({ tagId, kind, valve, plan }), said);
      return true;
    },
    [tagId, kind, valve, plan],
  );
  const navigate = useNavigate();
  const leave = useCallback(() => {
    useDevice.getState().leave(tagId, kind);
    // An address that names it would open it again.
    navigate({ search: "" }, { replace: true });
  }, [tagId, kind, navigate]);
  return { id: id ?? null, held, state, reached, say, leave };
}
