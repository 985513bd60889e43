import { setTimeout as sleep } from "node:timers/promises";
import type { Proving } from "@proven-seat/contract";
import type { TestServer } from "./api.ts";

/** A proving when it has ended. */
export async function provingEnded(server: TestServer, path: string, begun: Proving): Promise<Proving> {
  let now: Proving | undefined = begun;
  for (let i = 0; i < 2400 && now?.state === "under way"; i++) {
    await sleep(100);
    const listed = (await server.ask<Proving[]>("GET", `${path}/provings`)).body;
    now = listed.find(({ id }) => id === begun.id);
  }
  if (now === undefined) throw new Error("the proving is told of no more");
  return now;
}
