import type { TagRow } from "@proven-seat/contract";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { startTestServer, type TestServer } from "../../test/api.ts";
import { authorise } from "./gate.ts";

let server: TestServer;
beforeAll(async () => {
  server = await startTestServer();
});
afterAll(() => server.end());

const engineer = { name: "engineer", roles: ["engineer"] } as const;
const stranger = { name: "stranger", roles: [] } as const;
const db = () => server.orm.em;

describe("authorisation", () => {
  it("finds the project a record belongs to", async () => {
    const project = await server.project();
    const [row] = await server.everyPage<TagRow>(`/api/projects/${project.id}/tags`);
    const found = (belongs: "in path" | "of tag", id: string) =>
      authorise(db(), engineer, { project: belongs, role: "engineer" }, id);
    expect(await found("in path", project.id)).toBe(project.id);
    expect(await found("of tag", row!.id)).toBe(project.id);
    expect(await authorise(db(), engineer, { project: null, role: "engineer" }, undefined)).toBeNull();
  });
  it.each(["in path", "of tag", "of sheet"] as const)(
    "finds no record %s where there is none",
    async (project) => {
      for (const id of [undefined, "x", "00000000-0000-4000-8000-000000000000"])
        await expect(authorise(db(), engineer, { project, role: "engineer" }, id)).rejects.toThrow(
          /does not exist/,
        );
    },
  );
  it("does not accept the id of another kind of record, once it is known", async () => {
    const project = await server.project();
    const [row] = await server.everyPage<TagRow>(`/api/projects/${project.id}/tags`);
    const asked = (belongs: "in path" | "of tag" | "of sheet", id: string) =>
      authorise(db(), engineer, { project: belongs, role: "engineer" }, id);
    expect(await asked("of tag", row!.id)).toBe(project.id);
    expect(await asked("in path", project.id)).toBe(project.id);
    await expect(asked("in path", row!.id)).rejects.toThrow("The project does not exist.");
    await expect(asked("of sheet", row!.id)).rejects.toThrow("The sheet does not exist.");
    await expect(asked("of tag", project.id)).rejects.toThrow("The tag does not exist.");
  });
  it("hides a record's existence from a caller without the role", async () => {
    const project = await server.project();
    const asked = authorise(db(), stranger, { project: "in path", role: "engineer" }, project.id);
    await expect(asked).rejects.toThrow("The project does not exist.");
    expect(await authorise(db(), stranger, { project: null, role: "anybody" }, undefined)).toBeNull();
  });
});
