import { planNamed } from "@proven-seat/core/outcome/shop";
import { printBasis } from "../../shop/print.ts";
import { notFound } from "../../work/refusal.ts";
import type { Mount } from "../mount.ts";
import { originOf, sendPdf } from "../pdf.ts";
import { Problem } from "../problem.ts";

export function mountPlans(mount: Mount): void {
  mount("planPdf", async ({ em, parameters, query, request, response, jobs, signal }) => {
    const kind = planNamed(parameters.plan!);
    if (kind === null) throw notFound("plan");
    const basis = await printBasis(em, parameters.id!, originOf(request), query.units);
    const input = { ...basis.input, kind, address: basis.pageAddress(parameters.plan!) };
    const { bytes } = await jobs.runWith("plan", input, basis.catalogue, signal);
    if (bytes === null)
      throw new Problem(
        409,
        "no-candidate",
        "No valve is selected for this tag. Enter the size of the tag so that a valve can be selected.",
      );
    sendPdf(response, basis.fileName(parameters.plan!), bytes);
  });
}
