import type { Server } from "node:http";
import { Problem } from "./problem.ts";

/** A request that is not HTTP never reaches the application: it is answered here, in the same form. */
export function answerUnreadable(server: Server): void {
  server.on("clientError", (_error, socket) => {
    if (!socket.writable) return void socket.destroy();
    const body = JSON.stringify(new Problem(400, "unreadable", "This is not an HTTP request.").toDocument());
    socket.end(
      [
        "HTTP/1.1 400 Bad Request",
        "Content-Type: application/problem+json",
        `Content-Length: ${Buffer.byteLength(body)}`,
        "X-Content-Type-Options: nosniff",
        "Content-Security-Policy: default-src 'none';frame-ancestors 'none'",
        "Connection: close",
        "",
        body,
      ].join("\r\n"),
    );
  });
}
