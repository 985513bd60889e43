import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";
import { chooseBest } from "../../test/issuing.ts";
import { pdfText } from "../../test/pdf-text.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

const idOf = async (number: string) => (await server.tagNamed(number)).id;
describe("a printed plan", () => {
  it("has its cautions, its steps and the parts to count, for the chosen valve", async () => {
    const tag = await chooseBest(server, "XV-1004", null);
    const response = await fetch(`${server.url}/api/tags/${tag.id}/plans/strip.pdf`);
    expect(response.headers.get("content-type")).toMatch(/application\/pdf/);
    expect(response.headers.get("content-disposition")).toContain("XV-1004-strip.pdf");
    const text = pdfText(await response.arrayBuffer());
    for (const words of [
      "Strip-down plan",
      "XV-1004",
      "Isolate the line on both sides",
      "Count-back list",
      "ball",
      `${server.url}/projects/`,
    ])
      expect(text).toContain(words);
    expect(text).toMatch(/Never open the spring housing|Lock the supply off/);
  });
  it("is of the best valve where none is chosen, in the reader's units", async () => {
    const id = await idOf("XV-2030");
    const us = pdfText(
      await (await fetch(`${server.url}/api/tags/${id}/plans/together.pdf?units=US`)).arrayBuffer(),
    );
    expect(us).toMatch(/lbf·ft/);
    const metric = pdfText(
      await (await fetch(`${server.url}/api/tags/${id}/plans/together.pdf`)).arrayBuffer(),
    );
    expect(metric).toMatch(/N·m/);
  });
  it("does not exist for an unknown plan, a missing tag or no valve", async () => {
    const id = await idOf("XV-2030");
    expect((await server.ask("GET", `/api/tags/${id}/plans/paint.pdf`)).status).toBe(404);
    expect(
      (await server.ask("GET", "/api/tags/00000000-0000-4000-8000-000000000000/plans/strip.pdf")).status,
    ).toBe(404);
  });
});
