import { cancelProving, provingsOf, startProving } from "../../provings/begin.ts";
import { basisAskedFor, basisDecisions, changeBasis } from "../../work/basis.ts";
import { acknowledge, driftOfProject, driftOfSheet } from "../../work/drift.ts";
import { marksOf, summariesOf } from "../../work/results.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

/** A whole number of a query; undefined where it is left out. */
function numberIn(query: Record<string, unknown>, name: string): number | undefined {
  const value = query[name];
  if (value === undefined) return undefined;
  if (typeof value === "string" && /^[1-9]\d{0,8}$/.test(value)) return Number(value);
  throw new Problem(422, "bad-input", `${name}: A whole number from 1.`, {
    errors: [{ field: name, message: "A whole number from 1." }],
  });
}

const otherBasis = (query: Record<string, unknown>) => ({
  catalogueRevision: numberIn(query, "catalogueRevision"),
  houseRuleVersion: numberIn(query, "houseRuleVersion"),
});

export function mountProvings(mount: Mount): void {
  mount("askProving", async ({ em, queue, project, body: { what, ...other }, user }) => {
    const basis = await basisAskedFor(em, project, other);
    return startProving(em, queue, { project, what, basis, user });
  });
  mount("provings", ({ em, project }) => provingsOf(em, project));
  mount("provingsLive", ({ live, project, response }) => live.watch(project, response));
  mount("cancelProving", ({ em, project, parameters }) => cancelProving(em, project, parameters.proving!));
  mount("marks", ({ em, project, page }) => marksOf(em, project, page));
  mount("summaries", ({ em, project, body: { ids } }) => summariesOf(em, project, ids));
  mount("basisDecisions", ({ em, project, page }) => basisDecisions(em, project, page));
  mount("moveOn", ({ em, project, body, user }) => changeBasis(em, project, body, user));
  mount("drift", async ({ em, project, query }) =>
    driftOfProject(em, project, await basisAskedFor(em, project, otherBasis(query))),
  );
  mount("sheetDrift", async ({ em, project, parameters, query }) =>
    driftOfSheet(em, parameters.id!, await basisAskedFor(em, project, otherBasis(query))),
  );
  mount("acknowledgeDrift", async ({ em, project, parameters, body: { reason, ...other }, user }) =>
    acknowledge(em, parameters.id!, await basisAskedFor(em, project, other), reason, user),
  );
}
