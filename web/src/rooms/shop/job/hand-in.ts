import { mostHandedIn } from "@proven-seat/contract";
import type { JobEvent } from "@proven-seat/core/outcome/shop";
import { ApiProblem, call } from "../../../app/api.ts";
import { useDevice } from "./device.ts";
import { dropPicture, keptPicture } from "./pictures.ts";

const pictureOf = ({ said }: JobEvent) => (said.kind === "picture" ? said.picture : null);

/** Sends the bytes of a picture before its event, so that no reader sees a missing picture. */
async function sendPicture(parameters: Record<string, string>, picture: string): Promise<void> {
  const file = await keptPicture(picture);
  // It was sent before, and the answer was lost.
  if (file === undefined) return;
  await call("handInPicture", { parameters: { ...parameters, picture }, file });
  await dropPicture(picture);
}

async function sendAll(job: string): Promise<void> {
  const held = useDevice.getState().jobs[job];
  if (!held) return;
  const { tagId, kind, valve, plan, startedAt, startedBy, waiting } = held;
  const parameters = { id: tagId, job };
  const send = async (events: readonly JobEvent[]) =>
    useDevice
      .getState()
      .take(await call("handIn", { parameters, body: { kind, valve, plan, startedAt, startedBy, events } }));
  const plain = waiting.filter((event) => pictureOf(event) === null);
  // A picture needs its job.
  for (let from = 0; from === 0 || from < plain.length; from += mostHandedIn)
    await send(plain.slice(from, from + mostHandedIn));
  for (const event of waiting) {
    const picture = pictureOf(event);
    if (picture === null) continue;
    await sendPicture(parameters, picture);
    await send([event]);
  }
}

const underWay = new Map<string, Promise<boolean>>();

async function attempt(job: string): Promise<boolean> {
  try {
    const held = useDevice.getState().jobs[job];
    if (held && held.waiting.length === 0 && held.known.length > 0)
      useDevice.getState().take(await call("job", { parameters: { id: held.tagId, job } }));
    else await sendAll(job);
    return true;
  } catch (error) {
    if (!(error instanceof ApiProblem)) return false;
    useDevice.getState().refuse(job, error.problem.detail);
    return true;
  } finally {
    underWay.delete(job);
  }
}

/**
 * Sends this device's events of a job and takes those of others; a call during a transfer returns that transfer.
 *
 * @param job its id
 * @returns whether the server was reached
 */
export function handIn(job: string): Promise<boolean> {
  const going = underWay.get(job) ?? attempt(job);
  underWay.set(job, going);
  return going;
}

/** Sends everything that waits on this device, of any job. */
export async function handInAll(): Promise<void> {
  for (const [job, { waiting }] of Object.entries(useDevice.getState().jobs))
    if (waiting.length > 0) await handIn(job);
}
