import { planNamed } from "@proven-seat/core/outcome/shop";
import { printedOf } from "../../shop/print.ts";
import { notThere } from "../../work/refusal.ts";
import type { Mount } from "../mount.ts";
import { originOf, sendPdf } from "../pdf.ts";
import { Problem } from "../problem.ts";

export function mountPlans(mount: Mount): void {
  mount("planPdf", async ({ em, parameters, query, request, response, jobs, signal }) => {
    const kind = planNamed(parameters.plan!);
    if (kind === null) throw notThere("plan");
    const of = await printedOf(em, parameters.id!, originOf(request), query.units);
    const input = { ...of.input, kind, address: of.on(parameters.plan!) };
    const { bytes } = await jobs.runWith("plan", input, of.catalogue, signal);
    if (bytes === null)
      throw new Problem(
        409,
        "nothing-in-hand",
        "No valve is in hand for this tag: state its size, so that there is one to plan for.",
      );
    sendPdf(response, of.file(parameters.plan!), bytes);
  });
}
