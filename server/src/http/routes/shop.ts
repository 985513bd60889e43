import { wordOf } from "@proven-seat/core/outcome/shop";
import { handIn } from "../../shop/hand-in.ts";
import { keepPicture, pictureNamed } from "../../shop/pictures.ts";
import { printBasis } from "../../shop/print.ts";
import { idOf, jobNamed, jobRows } from "../../shop/read.ts";
import { isKnown } from "../known.ts";
import type { Mount } from "../mount.ts";
import { originOf, sendPdf } from "../pdf.ts";

export function mountShop(mount: Mount): void {
  mount("jobs", ({ em, project, page }) => jobRows(em, project, page));
  // Before the job itself, whose id would take the ending in.
  mount("jobPdf", async ({ em, parameters, query, request, response, jobs, signal }) => {
    const { events, ...job } = await jobNamed(em, parameters.id!, idOf(parameters.job!, "job"));
    const basis = await printBasis(em, job.tagId, originOf(request), query.units);
    const address = basis.pageAddress(`${wordOf(job.kind)}?job=${job.id}`);
    const { bytes } = await jobs.runWith(
      "jobRecord",
      { ...basis.input, ...job, events, address },
      basis.catalogue,
      signal,
    );
    sendPdf(response, basis.fileName(`job-${wordOf(job.kind)}`), bytes);
  });
  mount("job", async ({ em, parameters, request, response }) => {
    const job = await jobNamed(em, parameters.id!, idOf(parameters.job!, "job"));
    return isKnown(request, response, `${job.id}-${job.events.length}`) ? (undefined as never) : job;
  });
  mount("handIn", ({ em, parameters, body, user }) =>
    handIn(em, parameters.id!, idOf(parameters.job!, "job"), body, user),
  );
  mount("handInPicture", ({ em, parameters: { id, job, picture }, body, ...caller }) =>
    keepPicture(em, { tag: id!, job: idOf(job!, "job"), picture: idOf(picture!, "picture") }, body, caller),
  );
  mount("jobPicture", async ({ em, parameters: { id, job, picture }, request, response }) => {
    const jpeg = await pictureNamed(em, id!, idOf(job!, "job"), idOf(picture!, "picture"));
    // A picture is never changed.
    if (!isKnown(request, response, picture!)) response.type("image/jpeg").send(jpeg);
  });
}
