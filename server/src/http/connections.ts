import type { Server } from "node:http";
import { answerUnreadable } from "./unreadable.ts";

/** Longer than browsers and proxies keep an idle connection: none is closed just as a request arrives on it. */
const idleMs = 75_000;

/** Sets up a server's connections: how long they may idle, and an answer to what is not HTTP. */
export function tendConnections(server: Server): void {
  server.keepAliveTimeout = idleMs;
  answerUnreadable(server);
}
