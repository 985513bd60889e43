import type { HouseRules } from "@proven-seat/core/house";
import { QueryClient, useQuery } from "@tanstack/react-query";
import { ApiProblem, call, callAll } from "./api.ts";

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      // A problem document will not get better by asking again; a lost connection may.
      retry: (count, error) => !(error instanceof ApiProblem) && count < 3,
      refetchOnWindowFocus: false,
      staleTime: 30_000,
    },
  },
});

export const useProjects = () =>
  useQuery({ queryKey: ["projects"], queryFn: ({ signal }) => callAll("projects", { signal }) });

/** The one project shown until there is a way to pick among several. */
export const useProject = () => useProjects().data?.[0];

export const useTagRows = (project: string | undefined) =>
  useQuery({
    queryKey: ["tags", project],
    enabled: project !== undefined,
    queryFn: ({ signal }) => callAll("tags", { parameters: { id: project! }, signal }),
  });

export const useTag = (id: string) =>
  useQuery({
    queryKey: ["tag", id],
    queryFn: ({ signal }) => call("tag", { parameters: { id }, signal }),
    staleTime: 0,
    gcTime: 0,
  });

export const useCatalogue = () =>
  useQuery({
    queryKey: ["catalogue"],
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: ({ signal }) => call("catalogue", { signal }),
  });

export const useHouseRules = () =>
  useQuery({
    queryKey: ["house-rules"],
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: ({ signal }) => call("houseRules", { signal }),
  });

/** The house rules as they were last read; null before that. For words beside a proof: proofs are given theirs. */
export const useHouseAsRead = (): HouseRules | null =>
  useQuery(
    {
      queryKey: ["house-rules"],
      enabled: false,
      queryFn: ({ signal }: { signal: AbortSignal }) => call("houseRules", { signal }),
    },
    queryClient,
  ).data?.values ?? null;

export const useSheets = (tag: string) =>
  useQuery({
    queryKey: ["sheets", tag],
    queryFn: ({ signal }) => callAll("sheets", { parameters: { id: tag }, signal }),
  });

export const useHouseRuleVersions = () =>
  useQuery({
    queryKey: ["house-rule-versions"],
    queryFn: ({ signal }) => callAll("houseRuleVersions", { signal }),
  });

export const useCatalogueVersions = () =>
  useQuery({
    queryKey: ["catalogue-versions"],
    queryFn: ({ signal }) => callAll("catalogueVersions", { signal }),
  });

/** One revision with its content; revisions never change. */
export const useCatalogueRevision = (revision: number | null) =>
  useQuery({
    queryKey: ["catalogue-revision", revision],
    enabled: revision !== null,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: ({ signal }) =>
      call("catalogueRevision", { parameters: { revision: String(revision) }, signal }),
  });
