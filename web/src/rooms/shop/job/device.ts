import type { Job } from "@proven-seat/contract";
import type { JobEvent, JobKind, Said } from "@proven-seat/core/outcome/shop";
import { create } from "zustand";
import { persist } from "zustand/middleware";

/** A job as this device has it. */
export interface Held extends Omit<Job, "id" | "events"> {
  /** Events that the server has. */
  readonly known: readonly JobEvent[];
  /** Events of this device that are not sent yet. */
  readonly waiting: readonly JobEvent[];
  /** Why the server does not take it; null where it does. */
  readonly refused: string | null;
}

interface Device {
  /** Technician on this device. */
  readonly who: string;
  /** Jobs by their id. */
  readonly jobs: Readonly<Record<string, Held>>;
  /** The job that is open, by tag and kind. */
  readonly open: Readonly<Record<string, string>>;
  /** Jobs that were closed on this device: they are not joined again automatically. */
  readonly left: readonly string[];
  readonly setWho: (who: string) => void;
  /** Starts a job and returns its id. */
  readonly begin: (job: Pick<Held, "tagId" | "kind" | "valve" | "plan">) => string;
  readonly say: (job: string, said: Said) => void;
  /** Takes the server's events: those it has no longer wait. */
  readonly take: (job: Job) => void;
  readonly refuse: (job: string, why: string | null) => void;
  /** Discards a job that the server refuses, with everything waiting for it. */
  readonly giveUp: (job: string) => void;
  readonly openJob: (job: Job) => void;
  /** Closes the open job, so that another may be started. */
  readonly leave: (tagId: string, kind: JobKind) => void;
}

/** Most closed jobs that are remembered. */
const mostLeft = 200;

export const placeOf = (tagId: string, kind: JobKind) => `${tagId} ${kind}`;

/** Jobs that may be closed: completely sent, and open nowhere. */
const kept = (jobs: Device["jobs"], open: Device["open"]): Device["jobs"] => {
  const opened = new Set(Object.values(open));
  return Object.fromEntries(
    Object.entries(jobs).filter(([id, { waiting }]) => waiting.length > 0 || opened.has(id)),
  );
};

/** Jobs on this device, stored until the server has them. */
export const useDevice = create<Device>()(
  persist(
    (set, get) => {
      const change = (job: string, to: (cached: Held) => Held) =>
        set(({ jobs }) => (jobs[job] ? { jobs: { ...jobs, [job]: to(jobs[job]) } } : {}));
      return {
        who: "",
        jobs: {},
        open: {},
        left: [],
        setWho: (who) => set({ who }),
        begin: (job) => {
          const id = crypto.randomUUID();
          const began = { startedAt: new Date().toISOString(), startedBy: get().who.trim() };
          set(({ jobs, open }) => {
            const opened = { ...open, [placeOf(job.tagId, job.kind)]: id };
            const held: Held = { ...job, ...began, known: [], waiting: [], refused: null };
            return { open: opened, jobs: { ...kept(jobs, opened), [id]: held } };
          });
          return id;
        },
        say: (job, said) => {
          const event = {
            id: crypto.randomUUID(),
            at: new Date().toISOString(),
            who: get().who.trim(),
            said,
          };
          change(job, (cached) => ({ ...cached, waiting: [...cached.waiting, event] }));
        },
        take: ({ id, events }) =>
          change(id, (cached) => {
            const there = new Set(events.map((event) => event.id));
            return {
              ...cached,
              known: events,
              waiting: cached.waiting.filter((event) => !there.has(event.id)),
              refused: null,
            };
          }),
        refuse: (job, refused) => change(job, (cached) => ({ ...cached, refused })),
        giveUp: (job) =>
          set(({ jobs: { [job]: _, ...jobs }, open }) => ({
            jobs,
            open: Object.fromEntries(Object.entries(open).filter(([, id]) => id !== job)),
          })),
        openJob: ({ id, events, ...rest }) =>
          set(({ jobs, open }) => {
            const opened = { ...open, [placeOf(rest.tagId, rest.kind)]: id };
            const held: Held = { ...rest, known: events, waiting: jobs[id]?.waiting ?? [], refused: null };
            return { open: opened, jobs: { ...kept(jobs, opened), [id]: held } };
          }),
        leave: (tagId, kind) =>
          set(({ jobs, open, left }) => {
            const { [placeOf(tagId, kind)]: id, ...opened } = open;
            return {
              open: opened,
              jobs: kept(jobs, opened),
              left: id === undefined ? left : [...left, id].slice(-mostLeft),
            };
          }),
      };
    },
    { name: "proven-seat-shop-jobs" },
  ),
);
