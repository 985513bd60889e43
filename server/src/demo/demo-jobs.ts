import { randomUUID } from "node:crypto";
import type { HandIn } from "@proven-seat/contract";
import { defaultHouseRules } from "@proven-seat/core/basis/house";
import { type Duty, settle } from "@proven-seat/core/duty";
import { type Catalogue, compileShelf } from "@proven-seat/core/equipment/catalogue";
import { describeValve, fittingSteps, fitUpPicture, prove } from "@proven-seat/core/judgement/proof";
import {
  chainOf,
  type JobEvent,
  type JobKind,
  planKinds,
  type Said,
  type SeatChain,
  type ShopPlan,
  shopPlan,
  stepNames,
} from "@proven-seat/core/outcome/shop";

/** Jobs of the demonstration, with their progress and remarks. */
interface Begun {
  readonly tag: string;
  readonly kind: JobKind;
  /** Hours before the demonstration was loaded. */
  readonly hoursAgo: number;
  /** Share of the steps that are ticked, by two shifts in turn. */
  readonly done: number;
  readonly says: (
    plan: ShopPlan | null,
    names: readonly string[],
    chain: Pick<SeatChain, "links">,
  ) => readonly Said[];
  readonly finished: boolean;
}

/** Everything that has a limit is read at it, and every link of the seat's chain a hundredth long. */
const allMeasured = (plan: ShopPlan, names: readonly string[], { links }: Pick<SeatChain, "links">): Said[] =>
  plan.steps.flatMap(({ measures }, index) =>
    measures.flatMap(({ what, least, most: maximum }): Said[] => {
      const nominal = links.find(({ name }) => name === what)?.nominalMm;
      const value = nominal === undefined ? (maximum ?? least) : Number((nominal + 0.01).toFixed(3));
      return value === null ? [] : [{ kind: "reading", step: names[index]!, what, value }];
    }),
  );

const jobs: readonly Begun[] = [
  {
    tag: "XV-1004",
    kind: "strip",
    hoursAgo: 5,
    done: 0.4,
    finished: false,
    says: (_, names) => [
      { kind: "note", step: names[1]!, text: "Drain plug was seized; came with heat and a bar." },
      { kind: "deviation", step: names[3]!, text: "Vent seized: vented through the drain, slowly." },
    ],
  },
  {
    tag: "XV-3052",
    kind: "find a leak",
    hoursAgo: 2,
    done: 0,
    finished: false,
    says: () => [
      { kind: "place", place: "through the valve" },
      { kind: "seen", check: "stop", answer: "square" },
    ],
  },
  {
    tag: "FV-5010",
    kind: "reseat",
    hoursAgo: 1,
    done: 0.05,
    finished: false,
    says: () => [],
  },
  {
    tag: "HV-1012",
    kind: "put together",
    hoursAgo: 50,
    done: 1,
    finished: true,
    says: (plan, names, chain) => [
      ...allMeasured(plan!, names, chain),
      { kind: "note", step: null, text: "Turned by hand: both stops met." },
    ],
  },
  {
    tag: "XV-1044",
    kind: "fit the drive",
    hoursAgo: 75,
    done: 1,
    finished: true,
    says: (_, names) => [
      {
        kind: "deviation",
        step: names[0]!,
        text: "Actuator was a quarter turn out: indicator across, bore open. Removed and turned.",
      },
    ],
  },
];

function planFor(kind: JobKind, duty: Duty, shelf: ReturnType<typeof compileShelf>) {
  const house = defaultHouseRules();
  const candidate = prove(duty, shelf, house).candidates[0]!;
  const settled = settle(duty, house);
  const { valve, drive } = candidate;
  const { maker, line, construction, dn, designation, seat } = describeValve(valve);
  const words = `${maker} ${line}, ${construction}, DN ${dn} ${designation}, ${seat}`;
  const planned = planKinds.find((other) => other === kind);
  const fitting =
    kind === "fit the drive"
      ? fittingSteps(fitUpPicture(candidate, settled, house).fitUp, candidate.drive, house)
      : [];
  return {
    words,
    chain: chainOf(valve) ?? { links: [] },
    plan: planned ? shopPlan(planned, { valve, drive, duty: settled, house, fitting }) : null,
  };
}

const shifts = ["Day shift", "Night shift"] as const;

/**
 * Jobs of the demonstration in every state, on the valves it picks.
 *
 * @param duties of its tags, by number
 * @param catalogue its shelf
 * @param now when it is loaded
 * @returns tag, and the events sent for it
 */
export function demoJobs(
  duties: ReadonlyMap<string, Duty>,
  catalogue: Catalogue,
  now: Date,
): readonly { readonly tag: string; readonly work: HandIn }[] {
  const shelf = compileShelf(catalogue);
  return jobs.flatMap(({ tag, kind, hoursAgo, done, says, finished }) => {
    const duty = duties.get(tag);
    if (!duty) return [];
    const { words, chain, plan } = planFor(kind, duty, shelf);
    const names = stepNames(plan?.steps ?? []);
    const ticks = names
      .slice(0, Math.ceil(done * names.length))
      .map((step): Said => ({ kind: "tick", step, done: true }));
    const said = [
      ...ticks,
      ...says(plan, names, chain),
      ...(finished ? [{ kind: "finished" } as const] : []),
    ];
    const begins = now.getTime() - hoursAgo * 3_600_000;
    const events = said.map(
      (entry, i): JobEvent => ({
        id: randomUUID(),
        at: new Date(begins + (i + 1) * 120_000).toISOString(),
        who: shifts[Math.floor(i / 6) % 2]!,
        said: entry,
      }),
    );
    const startedAt = new Date(begins).toISOString();
    return [{ tag, work: { kind, valve: words, plan, startedAt, startedBy: shifts[0], events } }];
  });
}
