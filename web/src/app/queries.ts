import type { CatalogueVersion } from "@proven-seat/contract";
import { QueryClient, type UseQueryResult, useQuery } from "@tanstack/react-query";
import { serverFirst } from "../offline/offline.ts";
import { ApiProblem, call, callAll } from "./api.ts";
import { queryKeys } from "./query-keys.ts";

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      // A problem document will not get better by asking again; a lost connection may.
      retry: (count, error) => !(error instanceof ApiProblem) && count < 3,
      // The server may run on this machine: a browser without a network can still reach it.
      networkMode: "always",
      persister: serverFirst,
      refetchOnWindowFocus: false,
      staleTime: 30_000,
    },
  },
});

export const useProjects = () =>
  useQuery({ queryKey: queryKeys.projects(), queryFn: ({ signal }) => callAll("projects", { signal }) });

export const useTagRows = (project: string | undefined) =>
  useQuery({
    queryKey: queryKeys.tags(project),
    enabled: project !== undefined,
    queryFn: ({ signal }) => callAll("tags", { parameters: { id: project! }, signal }),
  });

export const useTag = (id: string) =>
  useQuery({
    queryKey: queryKeys.tag(id),
    queryFn: ({ signal }) => call("tag", { parameters: { id }, signal }),
    staleTime: 0,
    gcTime: 0,
  });

/** The newest catalogue of all. */
export const useNewestCatalogue = (): UseQueryResult<CatalogueVersion> =>
  useQuery({
    queryKey: queryKeys.catalogue(),
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: ({ signal }) => call("catalogue", { signal }),
  });

/** One version of the house rules; versions never change. */
export const useHouseRulesAt = (version: number | null) =>
  useQuery({
    queryKey: queryKeys.houseRulesAt(version),
    enabled: version !== null,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: ({ signal }) => call("houseRuleVersion", { parameters: { version: String(version) }, signal }),
  });

/** The house rules in force. */
export const useNewestHouseRules = () =>
  useQuery({
    queryKey: queryKeys.houseRules(),
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: ({ signal }) => call("houseRules", { signal }),
  });

export const useSheets = (tag: string) =>
  useQuery({
    queryKey: queryKeys.sheets(tag),
    queryFn: ({ signal }) => callAll("sheets", { parameters: { id: tag }, signal }),
  });

export const useHouseRuleVersions = () =>
  useQuery({
    queryKey: queryKeys.houseRuleVersions(),
    queryFn: ({ signal }) => callAll("houseRuleVersions", { signal }),
  });

export const useKeeping = () =>
  useQuery({ queryKey: queryKeys.keeping(), queryFn: ({ signal }) => call("keeping", { signal }) });

export const useCatalogueVersions = () =>
  useQuery({
    queryKey: queryKeys.catalogueVersions(),
    queryFn: ({ signal }) => callAll("catalogueVersions", { signal }),
  });

/** One revision with its content; revisions never change. */
export const useCatalogueRevision = (revision: number | null): UseQueryResult<CatalogueVersion> =>
  useQuery({
    queryKey: queryKeys.catalogueRevision(revision),
    enabled: revision !== null,
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: ({ signal }) =>
      call("catalogueRevision", { parameters: { revision: String(revision) }, signal }),
  });
