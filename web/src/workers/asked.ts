import type { Duty } from "@proven-seat/core/duty";
import type { ProverHandle } from "./prover.ts";
import type { ProverApi } from "./prover-api.ts";

/** Questions to a proof: every function of the prover whose first argument is the proof's number. */
export type Question = {
  [Name in keyof ProverApi]: ProverApi[Name] extends (proof: number, ...rest: infer _) => unknown
    ? Parameters<ProverApi[Name]>[0] extends number
      ? Name
      : never
    : never;
}[Exclude<keyof ProverApi, "prove">];

type Rest<F> = F extends (proof: number, ...rest: infer Asked) => unknown ? Asked : never;
export type Asked<Name extends Question> = Readonly<Rest<ProverApi[Name]>>;
export type Answer<Name extends Question> = Awaited<ReturnType<ProverApi[Name]>>;

/** A proof in the worker; everything shown is asked from it. */
export interface AskedProof {
  readonly id: number;
  ask<Name extends Question>(name: Name, asked: Asked<Name>): Promise<Answer<Name>>;
}

let proofs = 0;

/** Has a duty proved. The questions that follow wait in the worker behind it, not here. */
export function askProof({ api }: Pick<ProverHandle, "api">, duty: Duty): AskedProof {
  const id = ++proofs;
  void api.prove(id, duty);
  return {
    id,
    ask: (name, asked) =>
      (api[name] as unknown as (proof: number, ...rest: unknown[]) => Promise<never>)(id, ...asked),
  };
}
