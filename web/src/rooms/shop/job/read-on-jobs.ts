import { type JobEvent, jobState, type Reading, stepState } from "@proven-seat/core/outcome/shop";
import { useEffect, useMemo, useState } from "react";
import { call, callAll } from "../../../app/api.ts";
import { useProjectId } from "../../../app/project.ts";
import { useDevice } from "./device.ts";

interface Work {
  readonly tagId: string;
  readonly valve: string;
  readonly events: readonly JobEvent[];
}

/** The newest of readings, of those that have any. */
const newest = (jobs: readonly (readonly Reading[])[]): readonly Reading[] | null =>
  jobs
    .map((readings) => ({ readings, at: Math.max(...readings.map(({ at }) => Date.parse(at))) }))
    .filter(({ readings }) => readings.length > 0)
    .sort((a, b) => b.at - a.at)[0]?.readings ?? null;

/**
 * Readings at a step from jobs of a valve, by any technician: those of this device also before they are sent.
 *
 * @param tagId tag of the valve
 * @param valve in words, as in its jobs: readings of another valve do not apply
 * @param step its name
 * @returns readings of the job that read last; null where none did, or it is not known yet
 */
export function useReadOnJobs(tagId: string, valve: string, step: string): readonly Reading[] | null {
  const project = useProjectId();
  const here = useDevice((s) => s.jobs);
  const [there, setThere] = useState<readonly Work[]>([]);
  useEffect(() => {
    if (project === undefined) return;
    const gone = new AbortController();
    const { signal } = gone;
    const ask = async () => {
      const rows = await callAll("jobs", { parameters: { id: project }, signal });
      const ours = rows.filter((row) => row.tagId === tagId && row.valve === valve);
      const found = await Promise.all(
        ours.map(({ id }) => call("job", { parameters: { id: tagId, job: id }, signal })),
      );
      if (!signal.aborted) setThere(found);
    };
    // Without a connection the data of this device is still there.
    ask().catch(() => undefined);
    return () => gone.abort();
  }, [project, tagId, valve]);
  return useMemo(() => {
    const held = Object.values(here).map(({ known, waiting, ...rest }) => ({
      ...rest,
      events: [...known, ...waiting],
    }));
    return newest(
      [...held, ...there]
        .filter((work) => work.tagId === tagId && work.valve === valve)
        .map(({ events }) => stepState(jobState(events), step).readings),
    );
  }, [here, there, tagId, valve, step]);
}
