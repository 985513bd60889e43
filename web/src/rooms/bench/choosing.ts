import { useEffect, useState } from "react";
import { useBench } from "../../bench/bench-store.ts";
import type { BenchView } from "../../workers/bench-view.ts";

export interface Choosing {
  /** The selected candidate is the chosen one. */
  readonly isChosen: boolean;
  /** Chooses the selected candidate; one that fails or cannot be judged needs a reason first. */
  readonly choose: () => void;
  /** Asks for the reason of an override. */
  readonly override: () => void;
  readonly asksReason: boolean;
  readonly withReason: (reason: string) => void;
  readonly dismiss: () => void;
}

/** Choosing the selected valve, with or against its proof. */
export function useChoosing(view: BenchView | null): Choosing {
  const choice = useBench((s) => s.content!.choice);
  const selected = useBench((s) => s.selected);
  const [asksReason, setAsksReason] = useState(false);
  const [wishing, setWishing] = useState(false);
  const detail = view?.selected ?? null;
  const candidate = detail?.candidate ?? null;
  const offered = detail !== null && !detail.byConstruction;
  const grave = candidate?.verdict === "fails" || candidate?.verdict === "cannot tell";
  // A selection may still be loading: choosing waits for it, and never takes the previous one.
  const settled = candidate !== null && view?.askedFor === selected;
  const pick = (overrideReason: string | null) => {
    if (!candidate) return;
    useBench.getState().choose({
      valve: candidate.valve.key,
      drive: candidate.drive?.key ?? null,
      notes: choice?.notes ?? "",
      overrideReason,
    });
    setAsksReason(false);
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: acts once, when the wish meets the proof
  useEffect(() => {
    if (!wishing || !settled) return;
    setWishing(false);
    if (!offered) return;
    if (grave) setAsksReason(true);
    else pick(null);
  }, [wishing, settled]);
  return {
    isChosen:
      choice !== null &&
      candidate !== null &&
      choice.valve === candidate.valve.key &&
      choice.drive === (candidate.drive?.key ?? null),
    choose: () => setWishing(true),
    override: () => offered && setAsksReason(true),
    asksReason,
    withReason: pick,
    dismiss: () => setAsksReason(false),
  };
}
