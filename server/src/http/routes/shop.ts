import { handIn } from "../../shop/hand-in.ts";
import { keepPicture, pictureNamed } from "../../shop/pictures.ts";
import { idOf, jobNamed, jobRows } from "../../shop/read.ts";
import { isKnown } from "../known.ts";
import type { Mount } from "../mount.ts";

export function mountShop(mount: Mount): void {
  mount("jobs", ({ db, project, page }) => jobRows(db, project, page));
  mount("job", async ({ db, parameters, request, response }) => {
    const job = await jobNamed(db, parameters.id!, idOf(parameters.job!, "job"));
    return isKnown(request, response, `${job.id}-${job.events.length}`) ? (undefined as never) : job;
  });
  mount("handIn", ({ em, parameters, body, user }) =>
    handIn(em, parameters.id!, idOf(parameters.job!, "job"), body, user),
  );
  mount("handInPicture", ({ em, parameters: { id, job, picture }, body, user }) =>
    keepPicture(em, { tag: id!, job: idOf(job!, "job"), picture: idOf(picture!, "picture") }, body, user),
  );
  mount("jobPicture", async ({ db, parameters: { id, job, picture }, request, response }) => {
    const jpeg = await pictureNamed(db, id!, idOf(job!, "job"), idOf(picture!, "picture"));
    // A picture is never changed.
    if (!isKnown(request, response, picture!)) response.type("image/jpeg").send(jpeg);
  });
}
