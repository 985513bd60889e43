import { request as httpRequest } from "node:http";
import type { Problem } from "@proven-seat/contract";
import type { TestServer } from "./api.ts";

/** A request with headers of its own, such as Host, which `fetch` sets itself. */
export function send(
  to: TestServer,
  method: string,
  path: string,
  headers: Record<string, string> = {},
  body = "",
): Promise<{ status: number; headers: Record<string, unknown>; body: Problem }> {
  return new Promise((done, failed) => {
    const asked = httpRequest(to.url + path, { method, headers }, (answer) => {
      let text = "";
      answer.on("data", (chunk) => {
        text += chunk;
      });
      answer.on("end", () =>
        done({
          status: answer.statusCode!,
          headers: answer.headers,
          body: /json/.test(String(answer.headers["content-type"])) ? JSON.parse(text) : (text as never),
        }),
      );
    });
    asked.once("error", failed);
    asked.end(body);
  });
}
