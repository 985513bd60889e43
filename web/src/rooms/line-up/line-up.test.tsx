// @vitest-environment happy-dom
import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { answering, inTheShell, problem } from "../../../test/answers.tsx";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { demoProject } from "../../../test/demo-project.ts";
import { LineUp } from "./line-up.tsx";

const { prover } = atTheBench("XV-3052");
// The worker's functions, in place of the worker.
vi.mock("../../bench/proof.ts", () => ({ useProver: () => ({ prover, failure: null }) }));

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const numbers = ["XV-3052", "XV-3017", "XV-4020", "XV-9001"];
const { answers, project } = demoProject(numbers);
const where = () => screen.getByLabelText("where").textContent;
const open = (more: Record<string, unknown> = {}) => {
  const server = answering({ ...more, ...answers });
  inTheShell(<LineUp />, "/line-up");
  return server;
};

// Its rows are virtual, and drawn in the browser tests: nothing has a height here.
describe("the line-up", () => {
  it("counts its tags, and those that fit the filter", async () => {
    open();
    expect(await screen.findByText("4 tags")).toBeTruthy();
    fireEvent.change(screen.getByPlaceholderText(/search tag/), { target: { value: "3052" } });
    expect(await screen.findByText("1 of 4 tags")).toBeTruthy();
    fireEvent.keyDown(screen.getByPlaceholderText(/search tag/), { key: "Escape" });
    expect(await screen.findByText("4 tags")).toBeTruthy();
  });
  it("filters by verdict once tags are proved, at a station too", async () => {
    open();
    await screen.findByText("4 tags");
    fireEvent.change(screen.getByLabelText("show verdict"), { target: { value: "fails" } });
    expect(await screen.findByText("1 of 4 tags", undefined, { timeout: 10_000 })).toBeTruthy();
    fireEvent.change(screen.getByLabelText("at station"), { target: { value: "drive" } });
    expect(await screen.findByText("No tag fits the filter")).toBeTruthy();
    fireEvent.click(screen.getByText("Show all"));
    expect(await screen.findByText("4 tags")).toBeTruthy();
  });
  it("adds a tag under a number that is free, and opens it", async () => {
    const { asked } = open({ [`POST /api/projects/${project.id}/tags`]: { id: "new" } });
    await screen.findByText("4 tags");
    fireEvent.click(screen.getByText("Add tag"));
    await vi.waitFor(() => expect(where()).toBe("/tags/new/duty"));
    expect(asked.find((a) => a.method === "POST" && a.address.endsWith("/tags"))!.body).toMatchObject({
      number: "NEW-5",
    });
  });
  it("says why a tag cannot be added, and stays", async () => {
    open({ [`POST /api/projects/${project.id}/tags`]: problem(409, "NEW-5 is there already.") });
    await screen.findByText("4 tags");
    fireEvent.click(screen.getByText("Add tag"));
    expect(await screen.findByText("NEW-5 is there already.")).toBeTruthy();
    expect(where()).toBe("/line-up");
  });
  it("invites to the first tag where there is none", async () => {
    answering({ ...answers, "/tags": [] });
    inTheShell(<LineUp />, "/line-up");
    expect(await screen.findByText("No tags yet")).toBeTruthy();
    fireEvent.click(screen.getByText("Import a line list"));
    expect(where()).toBe("/import");
  });
  it("says why it cannot be read, and reads again when told to", async () => {
    answering({ ...answers, "/tags": problem(503, "The database cannot be reached.") });
    inTheShell(<LineUp />, "/line-up");
    expect(await screen.findByText("The database cannot be reached.")).toBeTruthy();
    // What was answered before is forgotten: the address answers now.
    vi.stubGlobal("fetch", async (address: string) => {
      const [, found] = Object.entries(answers).find(([end]) => address.replace(/\?.*/, "").endsWith(end))!;
      return new Response(JSON.stringify(found), { headers: { "content-type": "application/json" } });
    });
    fireEvent.click(screen.getByText("Try again"));
    expect(await screen.findByText("4 tags")).toBeTruthy();
  });
});
