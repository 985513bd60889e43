// @vitest-environment happy-dom
import { houseRuleGroups } from "@proven-seat/core/basis/house";
import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { type Asked, answering, inTheShell, problem } from "../../../test/answers.tsx";
import { proverInPlace } from "../../../test/at-the-bench.tsx";
import { demoHouse, demoProject } from "../../../test/demo-project.ts";
import { workersInPlace } from "../../../test/workers.ts";
import { HouseRoom } from "./house-room.tsx";

let asked: Asked[];
const { answers } = demoProject(["XV-3052", "XV-3017", "XV-4020"]);
const open = async (more: Record<string, unknown> = {}) => {
  ({ asked } = answering({ ...more, ...answers }));
  inTheShell(<HouseRoom />);
  await screen.findByLabelText("Pressure margin");
  await screen.findByLabelText("Copies kept");
};
const set = (label: string, value: string) =>
  fireEvent.change(screen.getByLabelText(label), { target: { value } });
const turned = () =>
  [...document.querySelectorAll('section[aria-label="Effect of a change"] li')].map((l) => l.textContent!);
const act = (name: string | RegExp) => screen.getByText<HTMLButtonElement>(name);

beforeEach(() => {
  answering(answers);
  workersInPlace({ "prover.worker": proverInPlace });
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

describe("the house rules", () => {
  it("are all there, with the version in force", async () => {
    await open();
    expect(screen.getByText("version 1 in force: First set")).toBeTruthy();
    expect(screen.getByText(/Nothing is saved yet/)).toBeTruthy();
    expect(screen.queryByText(/^Put version/)).toBeNull();
  });
  it("show the effect of a change before it is saved", async () => {
    await open();
    set("Pressure margin", "30");
    await screen.findByText(/\d of 3 tags change\./);
    const [compressor] = turned().filter((t) => t.startsWith("XV-3052") || t.startsWith("XV-3017"));
    expect(compressor).toMatch(/Body rating|first candidate then: /);
    // No candidate is suitable under either, so nothing changes.
    expect(turned().some((t) => t.startsWith("XV-4020"))).toBe(false);
    expect(asked.some((a) => a.method === "POST" && a.address === "/api/house-rules")).toBe(false);
  });
  it("report a change without effect", async () => {
    await open();
    set("Largest threaded end", "40");
    expect(await screen.findByText(/No verdict changes: 3 tags proved with both\./)).toBeTruthy();
  });
  it("show the number of daily copies, and change it or report the fault", async () => {
    await open({ "PUT /api/keeping": { copies: 30, version: 2 } });
    set("Copies kept", "400");
    expect(screen.getByRole("alert").textContent).toBe("At most 366 daily copies can be kept.");
    expect(act("Number of copies").disabled).toBe(true);
    set("Copies kept", "30");
    fireEvent.submit(act("Number of copies").form!);
    await vi.waitFor(() => expect(screen.queryByText("Number of copies")).toBeNull());
    expect(asked.find((a) => a.method === "PUT")!.body).toEqual({ copies: 30, version: 1 });
    expect(screen.getByLabelText<HTMLInputElement>("Copies kept").value).toBe("30");
  });
  it("report when somebody else changed the number of copies", async () => {
    await open({ "PUT /api/keeping": problem(409, "Somebody changed it since you looked.") });
    set("Copies kept", "30");
    fireEvent.submit(act("Number of copies").form!);
    expect((await screen.findByRole("alert")).textContent).toBe("Somebody changed it since you looked.");
  });
  it("are put in force as a whole, with a reason, on the version they were read at", async () => {
    await open({ "POST /api/house-rules": { ...demoHouse, version: 2 } });
    set("Service factor", "1,3");
    set("Differential for sizing", "rated");
    expect(act("Put version 2 in force").disabled).toBe(true);
    set("Reason for the change", "owner's practice");
    expect(act("Put version 2 in force").disabled).toBe(false);
    fireEvent.submit(document.querySelector("form")!);
    await vi.waitFor(() => expect(screen.queryByText("Put version 2 in force")).toBeNull());
    expect(asked.find((a) => a.method === "POST" && a.address === "/api/house-rules")!.body).toEqual({
      values: { ...demoHouse.values, serviceFactor: 1.3, sizingBasis: "rated" },
      reason: "owner's practice",
      basedOn: 1,
    });
  });
  it("are not put in force while one is out of its range", async () => {
    await open();
    set("Service factor", "3");
    expect(screen.getByRole("alert").textContent).toMatch(/From 1 to 2/);
    set("Reason for the change", "because");
    expect(act(/^Put version/).disabled).toBe(true);
  });
  it("are restored, all at once", async () => {
    await open();
    set("Service factor", "1.3");
    set("Pressure margin", "20");
    fireEvent.click(act("discard changes"));
    expect(screen.getByLabelText<HTMLInputElement>("Service factor").value).toBe("1.2");
    expect(screen.getByLabelText<HTMLInputElement>("Pressure margin").value).toBe("10");
  });
  it("keep the change when somebody else was faster, and report it", async () => {
    await open({ "POST /api/house-rules": problem(409, "Version 2 was put in force meanwhile.") });
    set("Service factor", "1.3");
    set("Reason for the change", "because");
    fireEvent.submit(document.querySelector("form")!);
    expect(await screen.findByText("Version 2 was put in force meanwhile.")).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>("Service factor").value).toBe("1.3");
  });
  it("are grouped, and found by name, reason and unit", async () => {
    await open();
    const headings = () => screen.getAllByRole("heading", { level: 2 }).map((h) => h.textContent);
    for (const { name, ids } of houseRuleGroups) expect(headings()).toContain(`${name} ${ids.length}`);
    fireEvent.change(screen.getByLabelText("Find a house rule"), { target: { value: "steam" } });
    expect(screen.queryByLabelText("Pressure margin")).toBeNull();
    expect(headings().some((h) => / of \d+$/.test(h!))).toBe(true);
    fireEvent.change(screen.getByLabelText("Find a house rule"), { target: { value: "no such word" } });
    expect(screen.getByText('No house rule matches "no such word".')).toBeTruthy();
  });
  it("are shown alone where they differ from the default, an unsaved change among them", async () => {
    await open();
    fireEvent.click(screen.getByLabelText("changed from default only"));
    expect(screen.getByText("Every house rule has its default value.")).toBeTruthy();
    fireEvent.click(screen.getByLabelText("changed from default only"));
    set("Service factor", "1.3");
    fireEvent.click(screen.getByLabelText("changed from default only"));
    expect(screen.getByLabelText("Service factor")).toBeTruthy();
    expect(document.querySelectorAll('section[aria-label="Rules"] li')).toHaveLength(1);
  });
  it("show why they cannot be read", async () => {
    answering({ ...answers, "/api/house-rules": problem(503, "The database cannot be reached.") });
    inTheShell(<HouseRoom />);
    expect(await screen.findByText("The database cannot be reached.")).toBeTruthy();
  });
});
