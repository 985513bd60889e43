import type { TagRow } from "@proven-seat/contract";
import type { HouseRules } from "@proven-seat/core/basis/house";
import type { Duty } from "@proven-seat/core/duty";
import type { TagSummary } from "@proven-seat/core/judgement/proof";
import type { Verdict } from "@proven-seat/core/judgement/rules";
import { useEffect, useState } from "react";
import { call } from "../../app/api.ts";
import { useProject } from "../../app/project.ts";
import { useTagRows } from "../../app/queries.ts";
import { useProver } from "../../bench/proof.ts";

/** A tag whose verdict, number of suitable valves or first valve a change would alter. */
export interface Flip {
  readonly id: string;
  readonly number: string;
  readonly service: string;
  readonly from: Verdict;
  readonly to: Verdict;
  /** Suitable candidates, which wait for no input. */
  readonly suitable: readonly [was: number, now: number];
  readonly because: string | null;
  /** The new first valve; null where it stays the same. */
  readonly instead: string | null;
}

export interface Flips {
  readonly flips: readonly Flip[];
  readonly done: number;
  readonly total: number;
  readonly trouble: string | null;
  /** Number of other tags, which are not tried here. */
  readonly beyond: number;
}

const none: Flips = { flips: [], done: 0, total: 0, trouble: null, beyond: 0 };
const chunk = 100;
/** A draft is tried on so many in the browser; a long list is proved by the workers before its project is moved. */
const maximumFlips = 500;

/** Proves every tag with the rules in force and with the edited ones, before anything is saved. */
export function useFlips(draft: HouseRules | null): Flips {
  const { prover, failure } = useProver();
  const project = useProject();
  const rows = useTagRows(project?.id);
  const [state, setState] = useState<Flips>(none);
  // Results by the rules in force stay the same while a draft is edited.
  const [before] = useState(() => new Map<string, Map<string, TagSummary>>());
  useEffect(() => {
    if (!draft || !prover || !project || !rows.data) return setState(none);
    let current = true;
    const control = new AbortController();
    const inForce = before.get(prover.basis) ?? new Map<string, TagSummary>();
    before.set(prover.basis, inForce);
    const tags = rows.data.slice(0, maximumFlips);
    const beyond = rows.data.length - tags.length;
    const judge = async () => {
      // Rules are typed digit by digit: work on the last digit must have ended.
      await new Promise((resolve) => setTimeout(resolve, 350));
      setState({ ...none, total: tags.length, beyond });
      for (let from = 0; from < tags.length; from += chunk) {
        const some = tags.slice(from, from + chunk);
        const duties = await call("duties", {
          parameters: { id: project.id },
          body: { ids: some.map((t) => t.id) },
          signal: control.signal,
        });
        const dutyOf = new Map(duties.map((d) => [d.id, d.duty]));
        for (const tag of some) {
          const duty = dutyOf.get(tag.id);
          if (!current) return;
          if (duty) {
            const flip = await judgeTag(tag, duty);
            if (!current) return;
            setState((previous) => ({
              ...previous,
              done: previous.done + 1,
              flips: flip ? [...previous.flips, flip] : previous.flips,
            }));
          }
        }
      }
    };
    const judgeTag = async (tag: TagRow, duty: Duty): Promise<Flip | null> => {
      const key = `${tag.id}:${tag.version}`;
      const was = inForce.get(key) ?? (await prover.api.summarise(duty, tag.choice));
      inForce.set(key, was);
      const now = await prover.api.summarise(duty, tag.choice, draft);
      const instead = now.valve !== null && now.valve.key !== was.valve?.key ? now.valve.name : null;
      const suitable = [was, now].map((s) => s.standing - s.cannotTell) as [number, number];
      if (was.verdict === now.verdict && suitable[0] === suitable[1] && instead === null) return null;
      return {
        id: tag.id,
        number: tag.number,
        service: tag.service,
        from: was.verdict,
        to: now.verdict,
        suitable,
        because: now.heldBy?.asks ?? null,
        instead,
      };
    };
    judge().catch(
      (error: Error) => current && setState((previous) => ({ ...previous, trouble: error.message })),
    );
    return () => {
      current = false;
      control.abort();
    };
  }, [draft, prover, project, rows.data, before]);
  return failure ? { ...state, trouble: failure } : state;
}
