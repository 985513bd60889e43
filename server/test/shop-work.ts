import { randomUUID } from "node:crypto";
import type { HandIn, Job, Tag } from "@proven-seat/contract";
import type { JobEvent, Said } from "@proven-seat/core/outcome/shop";
import sharp from "sharp";
import type { TestServer } from "./api.ts";

export const eventOf = (said: Said, who = "Day shift", time = "2026-11-27T08:00:00.000Z"): JobEvent => ({
  id: randomUUID(),
  at: time,
  who,
  said,
});

/** A job of two steps. */
export const jobOf = (events: JobEvent[], change: Partial<HandIn> = {}): HandIn => ({
  kind: "strip",
  valve: "two-piece ball, DN 100",
  plan: {
    kind: "strip",
    steps: ["Isolate.", "Drain."].map((does) => ({
      stage: "make safe",
      does,
      figures: [],
      cautions: [],
      piece: null,
      at: null,
      look: [],
      measures: [],
      renew: null,
      toFind: null,
    })),
    count: [],
    limits: null,
  },
  startedAt: "2026-11-27T07:00:00.000Z",
  startedBy: "Day shift",
  events,
  ...change,
});

export const addressOf = (tag: string, job: string) => `/api/tags/${tag}/jobs/${job}`;

/** A picture with a GPS position, as a telephone takes it. */
export const pictureOf = (width = 2400, height = 1200): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background: "#5a7" } })
    .jpeg()
    .withExif({ IFD3: { GPSLatitudeRef: "N", GPSLatitude: "57/1 9/1 0/1" } })
    .toBuffer();

/** A job with a tick and a picture on a tag. */
export async function workOn(server: TestServer, tag: Tag): Promise<Job> {
  const [job, picture] = [randomUUID(), randomUUID()];
  const address = addressOf(tag.id, job);
  const said: Said = { kind: "picture", step: null, picture, name: "marks" };
  const { body } = await server.ask<Job>(
    "POST",
    address,
    jobOf([eventOf({ kind: "tick", step: "Isolate.", done: true }), eventOf(said)]),
  );
  await fetch(`${server.url}${address}/pictures/${picture}`, {
    method: "PUT",
    headers: { "content-type": "application/octet-stream" },
    body: new Uint8Array(await pictureOf()),
  });
  return body;
}
