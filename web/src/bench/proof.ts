import { candidateKey } from "@proven-seat/core/judgement/proof";
import { useEffect, useMemo, useState } from "react";
import { useCatalogue, useHouseRules } from "../app/pinned.ts";
import { useLast } from "../parts/use-last.ts";
import { type AskedProof, askProof } from "../workers/asked.ts";
import type { BenchView } from "../workers/bench-view.ts";
import { type ProverHandle, startProver } from "../workers/prover.ts";
import { useAnswer } from "./answers.ts";
import { useBench } from "./bench-store.ts";
import { faultsOf } from "./faults.ts";
import { keepHouse } from "./house-as-read.ts";

export interface BenchProof {
  readonly view: BenchView | null;
  /** The proof shown is of the last duty that could be read. */
  readonly behind: boolean;
  readonly failure: string | null;
}

/** A prover for as long as a room is shown. */
export function useProver(): { prover: ProverHandle | null; failure: string | null } {
  const catalogue = useCatalogue();
  const house = useHouseRules();
  const [prover, setProver] = useState<ProverHandle | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  useEffect(() => {
    if (!catalogue.data || !house.data) return;
    let ended = false;
    let started: ProverHandle | null = null;
    keepHouse(house.data.values);
    startProver(catalogue.data, house.data).then(
      (handle) => {
        started = handle;
        if (ended) handle.end();
        else setProver(handle);
      },
      (error: Error) => setFailure(error.message),
    );
    return () => {
      ended = true;
      started?.end();
      setProver(null);
    };
  }, [catalogue.data, house.data]);
  return { prover, failure: failure ?? catalogue.error?.message ?? house.error?.message ?? null };
}

/** The proved content of the bench: marks and values change together, when all of them have arrived. */
export function useBenchProof(): BenchProof {
  const { prover, failure } = useProver();
  const content = useBench((s) => s.content);
  const order = useBench((s) => s.order);
  const wanted = useBench((s) => s.selected);
  const unreadable = useBench((s) => s.unreadable);
  const [proof, setProof] = useState<AskedProof | null>(null);
  const duty = content?.duty;
  const choice = content?.choice ?? null;
  const chosenKey = choice && candidateKey(choice.valve, choice.drive);
  const sound =
    content !== null &&
    Object.keys(faultsOf(content)).every((path) => path === "number" || path === "service");
  useEffect(() => {
    if (prover && duty && sound) setProof(askProof(prover, duty));
  }, [prover, duty, sound]);
  const outline = useAnswer(proof, "outline", []);
  const chosen = useAnswer(proof, "row", chosenKey === null ? null : [chosenKey]);
  const selected = useAnswer(proof, "selected", [order, [wanted, chosenKey]]);
  const [whole, held, row] = [outline.answer, selected.answer, chosenKey === null ? null : chosen.answer];
  const together =
    proof !== null && outline.current && selected.current && (chosenKey === null || chosen.current);
  const now = useMemo((): BenchView | null => {
    if (!together || whole === undefined) return null;
    return {
      ...whole,
      proof,
      chosen: row ?? null,
      choiceGone: chosenKey !== null && !row,
      askedFor: wanted,
      selected: held ?? null,
    };
  }, [together, proof, whole, row, chosenKey, wanted, held]);
  const view = useLast(now);
  return {
    view,
    behind: !sound || Object.keys(unreadable).length > 0,
    failure: failure ?? outline.failure ?? selected.failure,
  };
}
