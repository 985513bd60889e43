// @vitest-environment happy-dom
import type { Project } from "@proven-seat/contract";
import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { type Asked, answering, inTheShell, problem } from "../../../test/answers.tsx";
import { demoProject } from "../../../test/demo-project.ts";
import { ProjectsRoom } from "./projects-room.tsx";

const { project } = demoProject(["XV-3052"]);
const own: Project = { ...project, id: "00000000-0000-4000-8000-000000000003", name: "My plant", tags: 0 };
const put: Project = {
  ...own,
  id: "00000000-0000-4000-8000-000000000004",
  name: "Old works",
  archived: true,
};

let asked: Asked[];
const open = async (more: Record<string, unknown> = {}) => {
  ({ asked } = answering({ ...more, "GET /api/projects": [put, project, own] }));
  inTheShell(<ProjectsRoom />, "/projects");
  await screen.findByText("My plant");
};
const sent = (method: string) =>
  asked.find((a) => a.method === method)?.body as Record<string, unknown> | undefined;

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the projects", () => {
  it("are listed with their number of tags, archived ones last", async () => {
    await open();
    expect([...document.querySelectorAll("nav li")].map((li) => li.textContent)).toEqual([
      "Tarn Ness1open",
      "My plant0open",
      "Old works (archived)0open",
    ]);
  });
  it("start empty, or as a copy with the other's settings", async () => {
    await open({ "POST /api/projects": own });
    fireEvent.change(screen.getByLabelText("New project"), { target: { value: "North" } });
    fireEvent.change(screen.getByLabelText("content"), { target: { value: project.id } });
    fireEvent.submit(screen.getByText("Create").closest("form")!);
    await vi.waitFor(() =>
      expect(sent("POST")).toMatchObject({ name: "North", copyOf: project.id, numbering: "NEW-#" }),
    );
    await vi.waitFor(() =>
      expect(screen.getByLabelText("where").textContent).toBe(`/projects/${own.id}/line-up`),
    );
  });
  it("are edited, with faults at their place", async () => {
    await open({ [`PUT /api/projects/${own.id}`]: { ...own, version: 2 } });
    fireEvent.click(screen.getByText("My plant"));
    fireEvent.change(screen.getByLabelText("Numbering"), { target: { value: "XV" } });
    expect(screen.getByText(/one group of #/)).toBeTruthy();
    expect(screen.getByText<HTMLButtonElement>("Save").disabled).toBe(true);
    fireEvent.change(screen.getByLabelText("Numbering"), { target: { value: "XV-##" } });
    fireEvent.change(screen.getByLabelText("Lowest air supply, bar g"), { target: { value: "80 psi" } });
    fireEvent.change(screen.getByLabelText("Highest air supply, bar g"), { target: { value: "5" } });
    expect((await screen.findByRole("alert")).textContent).toMatch(/air/i);
    fireEvent.change(screen.getByLabelText("Highest air supply, bar g"), { target: { value: "7" } });
    fireEvent.change(screen.getByLabelText("Operator"), { target: { value: "electric" } });
    fireEvent.submit(screen.getByText("Save").closest("form")!);
    await vi.waitFor(() =>
      expect(sent("PUT")).toMatchObject({
        numbering: "XV-##",
        version: 1,
        defaults: { operator: "electric", airMaximumBarG: 7 },
      }),
    );
  });
  it("are archived, and report when somebody else was faster", async () => {
    await open({
      [`PUT /api/projects/${own.id}`]: problem(409, "Project My plant was changed since you opened it."),
    });
    fireEvent.click(screen.getByText("My plant"));
    fireEvent.click(screen.getByText("Archive"));
    await vi.waitFor(() => expect(sent("PUT")).toMatchObject({ archived: true }));
    expect((await screen.findByRole("alert")).textContent).toMatch(/was changed since/);
  });
});

describe("a project's file", () => {
  const picked = () => {
    const file = new File(["…"], "north.project.jsonl.gz");
    fireEvent.change(screen.getByLabelText("project file"), { target: { files: [file] } });
  };
  it("is exported from its place", async () => {
    await open();
    expect(screen.getByText("Export project").getAttribute("href")).toBe(`/api/projects/${project.id}/file`);
  });
  it("is imported and opened", async () => {
    await open({ "POST /api/project-files": { ...own, name: "North" } });
    picked();
    await vi.waitFor(() =>
      expect(screen.getByLabelText("where").textContent).toBe(`/projects/${own.id}/line-up`),
    );
  });
  it("shows the line of a fault", async () => {
    await open({
      "POST /api/project-files": problem(422, "Line 7: Sheet A was altered. Nothing was brought in."),
    });
    picked();
    expect((await screen.findByRole("alert")).textContent).toMatch(/^Line 7/);
    expect(screen.queryByLabelText("import as")).toBeNull();
  });
  it("asks for another name where its own is used", async () => {
    const response = new Response(
      JSON.stringify({
        type: "/problems/name-taken",
        title: "",
        status: 409,
        detail: "There is a project North already.",
      }),
      { status: 409, headers: { "content-type": "application/problem+json" } },
    );
    await open({ "POST /api/project-files": response, "POST /api/project-files?name=North+2": own });
    picked();
    fireEvent.change(await screen.findByLabelText("import as"), { target: { value: "North 2" } });
    fireEvent.submit(screen.getByText("Import").closest("form")!);
    await vi.waitFor(() =>
      expect(screen.getByLabelText("where").textContent).toBe(`/projects/${own.id}/line-up`),
    );
  });
});
