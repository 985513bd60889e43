import type { Proving, ProvingWhat } from "@proven-seat/contract";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { call } from "../../app/api.ts";
import { useLiveProvings, useReadAsProved } from "../../app/provings.ts";
import { queryKeys } from "../../app/query-keys.ts";

/** A revision of the catalogue and a version of the house rules. */
export interface Looked {
  readonly catalogueRevision: number;
  readonly houseRuleVersion: number;
}

const isOn = (looked: Looked) => (other: Looked) =>
  other.catalogueRevision === looked.catalogueRevision && other.houseRuleVersion === looked.houseRuleVersion;

const pinnedTo = ({ catalogueRevision, houseRuleVersion }: Looked): Looked => ({
  catalogueRevision,
  houseRuleVersion,
});

const whats: readonly ProvingWhat[] = ["sheets", "list"];

/** Results of a project on a basis: read again as more records are proved, and proved on request. */
export function useDrift(project: string, looked: Looked | null) {
  const query = looked && {
    catalogueRevision: String(looked.catalogueRevision),
    houseRuleVersion: String(looked.houseRuleVersion),
  };
  const drift = useQuery({
    queryKey: queryKeys.drift(project, query),
    enabled: query !== null,
    staleTime: 0,
    queryFn: ({ signal }) => call("drift", { parameters: { id: project }, query: query!, signal }),
  });
  const { provings } = useLiveProvings(project);
  const from = drift.data?.from ?? null;
  const mine: readonly Proving[] = provings.filter(
    (proving) =>
      (looked && isOn(looked)(proving)) || (from && proving.what === "list" && isOn(from)(proving)),
  );
  const underWay = mine.filter((proving) => proving.state === "under way");
  const failed = mine.find((proving) => proving.state === "failed");
  useReadAsProved(mine, drift.refetch);
  const [trouble, setTrouble] = useState<string | null>(null);
  const reported = (work: Promise<unknown>) =>
    work.then(
      () => setTrouble(null),
      (error: Error) => setTrouble(error.message),
    );
  return {
    drift,
    underWay,
    trouble:
      trouble ??
      (failed
        ? `${failed.total - failed.done} could not be proved. See the log of the worker processes.`
        : null),
    prove: () =>
      reported(
        Promise.all(
          [
            ...whats.map((what) => ({ what, ...looked })),
            // The basis of comparison must be proved as well.
            ...(from && drift.data!.tags.before > 0 ? [{ what: "list" as const, ...pinnedTo(from) }] : []),
          ].map((body) => call("askProving", { parameters: { id: project }, body })),
        ),
      ),
    cancel: () =>
      reported(
        Promise.all(
          underWay.map(({ id: proving }) => call("cancelProving", { parameters: { id: project, proving } })),
        ),
      ),
  };
}
