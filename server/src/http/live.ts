import { isDeepStrictEqual } from "node:util";
import type { EntityManager } from "@mikro-orm/postgresql";
import type { Proving } from "@proven-seat/contract";
import type { Response } from "express";
import { provingsOf } from "../provings/begin.ts";

const everyMs = 300;
/** A proxy in between may close a silent connection. */
const silentMs = 15_000;

interface Watched {
  readonly watchers: Set<Response>;
  readonly timer: NodeJS.Timeout;
  last: readonly Proving[] | null;
  saidAt: number;
}

/** Sends the progress of provings to the watchers of a project, with one database query for all of them. */
export class Live {
  readonly #em: () => EntityManager;
  readonly #projects = new Map<string, Watched>();

  /** @param em returns a new entity manager for each query */
  constructor(em: () => EntityManager) {
    this.#em = em;
  }

  /** Sends events until the connection ends. */
  watch(project: string, response: Response): Promise<void> {
    response.writeHead(200, {
      "Content-Type": "text/event-stream",
      // Nothing between here and there gathers events up.
      "Cache-Control": "no-store, no-transform",
    });
    response.flushHeaders();
    // The client left during authorisation: no later event would report it.
    if (response.destroyed) return Promise.resolve();
    const watched = this.#watched(project);
    watched.watchers.add(response);
    if (watched.last !== null) response.write(eventOf(watched.last));
    return new Promise((done) =>
      response.once("close", () => {
        watched.watchers.delete(response);
        if (watched.watchers.size === 0) {
          clearInterval(watched.timer);
          this.#projects.delete(project);
        }
        done();
      }),
    );
  }

  /** Ends every connection, when the server ends. */
  end(): void {
    for (const { watchers } of this.#projects.values()) for (const watcher of watchers) watcher.end();
  }

  #watched(project: string): Watched {
    const known = this.#projects.get(project);
    if (known) return known;
    let asking = false;
    const look = async () => {
      if (asking) return;
      asking = true;
      try {
        this.#say(watched, await provingsOf(this.#em(), project));
      } catch {
        // The database is down: other requests report it; this one tries again.
      } finally {
        asking = false;
      }
    };
    const watched: Watched = {
      watchers: new Set(),
      timer: setInterval(() => void look(), everyMs),
      last: null,
      saidAt: Date.now(),
    };
    this.#projects.set(project, watched);
    void look();
    return watched;
  }

  #say(watched: Watched, provings: readonly Proving[]): void {
    const silent = Date.now() - watched.saidAt > silentMs;
    const news = watched.last === null || !isDeepStrictEqual(stateOf(provings), stateOf(watched.last));
    watched.last = provings;
    if (!news && !silent) return;
    watched.saidAt = Date.now();
    for (const watcher of watched.watchers) watcher.write(eventOf(provings));
  }
}

/** The remaining time changes with every look and alone is no news. */
const stateOf = (provings: readonly Proving[]) => provings.map(({ secondsLeft: _, ...state }) => state);

const eventOf = (provings: readonly Proving[]) => `data: ${JSON.stringify(provings)}\n\n`;
