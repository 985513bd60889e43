import { useEffect, useRef, useState } from "react";
import { useCatalogue, useHouseRules } from "../app/queries.ts";
import { type ProverHandle, startProver } from "../workers/prover.ts";
import type { BenchView } from "../workers/views.ts";
import { useBench } from "./bench-store.ts";
import { faultsOf } from "./content.ts";

export interface BenchProof {
  readonly view: BenchView | null;
  readonly prover: ProverHandle | null;
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

/** Proves the bench anew on every edit; an answer that comes after a newer question is dropped. */
export function useBenchProof(): BenchProof {
  const { prover, failure } = useProver();
  const content = useBench((s) => s.content);
  const order = useBench((s) => s.order);
  const inHand = useBench((s) => s.inHand);
  const unreadable = useBench((s) => s.unreadable);
  const [view, setView] = useState<BenchView | null>(null);
  const [proofFailure, setProofFailure] = useState<string | null>(null);
  const question = useRef(0);
  const duty = content?.duty;
  const choice = content?.choice ?? null;
  const sound =
    content !== null &&
    Object.keys(faultsOf(content)).every((path) => path === "number" || path === "service");
  useEffect(() => {
    if (!prover || !duty || !sound) return;
    const mine = ++question.current;
    prover.api.prove(duty, order, choice, inHand).then(
      (answer) => {
        if (mine !== question.current) return;
        setView(answer);
        setProofFailure(null);
      },
      (error: Error) => mine === question.current && setProofFailure(error.message),
    );
  }, [prover, duty, order, choice, inHand, sound]);
  return {
    view,
    prover,
    behind: !sound || Object.keys(unreadable).length > 0,
    failure: failure ?? proofFailure,
  };
}
