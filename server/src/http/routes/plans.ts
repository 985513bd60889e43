import { planNamed } from "@proven-seat/core/shop";
import { catalogueContent, catalogueInForce, currentHouseRules } from "../../store/current.ts";
import { Tag } from "../../store/entities/tag.ts";
import { notThere } from "../../work/refusal.ts";
import type { Mount } from "../mount.ts";
import { Problem } from "../problem.ts";

export function mountPlans(mount: Mount): void {
  mount("planPdf", async ({ em, parameters, query, request, response, jobs, signal }) => {
    const kind = planNamed(parameters.plan!);
    if (kind === null) throw notThere("plan");
    const tag = await em.findOne(Tag, { id: parameters.id! }, { populate: ["project"] });
    if (!tag) throw notThere("tag");
    const { catalogueRevision, houseRuleVersion, name, id } = tag.project.$;
    const catalogue = await catalogueInForce(em, catalogueRevision);
    const { values: house } = await currentHouseRules(em, houseRuleVersion);
    const { number, service, unit, duty, choice } = tag;
    const told = await jobs.runWith(
      "plan",
      {
        kind,
        tag: { number, service, unit, duty },
        choice: choice ?? null,
        project: name,
        address: `${request.protocol}://${request.get("host")}/projects/${id}/tags/${tag.id}/shop/${parameters.plan}`,
        house,
        system: query.units === "US" ? "US" : "metric",
        at: new Date().toISOString(),
      },
      { digest: catalogue.digest, content: await catalogueContent(em, catalogue) },
      signal,
    );
    if (told.bytes === null)
      throw new Problem(
        409,
        "nothing-in-hand",
        "No valve is in hand for this tag: state its size, so that there is one to plan for.",
      );
    response
      .type("application/pdf")
      .set(
        "Content-Disposition",
        `attachment; filename="${number.replace(/[^\w.-]+/g, "_")}-${parameters.plan}.pdf"`,
      )
      .send(Buffer.from(told.bytes.buffer));
  });
}
