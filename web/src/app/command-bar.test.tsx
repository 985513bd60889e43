// @vitest-environment happy-dom
import type { Project, TagRow } from "@proven-seat/contract";
import { rules } from "@proven-seat/core/judgement/rules";
import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { answering, inTheShell } from "../../test/answers.tsx";
import { demoProject } from "../../test/demo-project.ts";
import { RulesRoom } from "../rooms/rules/rules-room.tsx";
import CommandBar from "./command-bar.tsx";
import { useCommands } from "./commands.ts";
import { queryClient } from "./queries.ts";
import { useReading } from "./reading.ts";

const project: Project = {
  ...demoProject([]).project,
  id: "p",
  tags: 10_000,
};
const tag = (n: number): TagRow =>
  ({ id: `t${n}`, number: `XV-${n}`, service: n === 7 ? "flare header" : "feed", unit: "" }) as TagRow;

beforeEach(() => {
  // cmdk scrolls the picked item into view and watches the list's size.
  window.HTMLElement.prototype.scrollIntoView = () => undefined;
  answering({ "/api/projects": [project], "/tags": [] });
  queryClient.setQueryData(["projects"], [project]);
  queryClient.setQueryData(
    ["tags", "p"],
    Array.from({ length: 10_000 }, (_, n) => tag(n)),
  );
});
afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  useCommands.setState({ ofRoom: [] });
  useReading.setState({ system: "metric", absolute: false, theme: "light" });
});

const drawn = () => {
  const acts = { onClose: vi.fn(), onLegend: vi.fn(), onShortcuts: vi.fn() };
  inTheShell(<CommandBar {...acts} />);
  return acts;
};
const write = (value: string) =>
  fireEvent.change(screen.getByPlaceholderText("Tag, station or action"), { target: { value } });
const items = () => [...document.querySelectorAll("[cmdk-item]")].map((i) => i.textContent);
const where = () => screen.getByLabelText("where").textContent;

describe("the command bar", () => {
  it("finds a tag by number or service, and goes to it", () => {
    const { onClose } = drawn();
    write("flare");
    expect(items()).toEqual(["XV-7flare header"]);
    fireEvent.click(screen.getByText("flare header"));
    expect(onClose).toHaveBeenCalledOnce();
    expect(where()).toBe("/projects/p/tags/t7");
  });
  it("draws forty of ten thousand tags, and the rest as the user types", () => {
    drawn();
    write("xv-");
    expect(items()).toHaveLength(40);
    write("xv-9999");
    expect(items()).toHaveLength(1);
  });
  it("offers the actions of the room, with their keys", () => {
    const act = vi.fn();
    useCommands.setState({ ofRoom: [{ name: "Add an operating case", key: "a", act }] });
    drawn();
    write("operating");
    expect(items()).toEqual(["Add an operating caseA"]);
    fireEvent.click(screen.getByText("Add an operating case"));
    expect(act).toHaveBeenCalledOnce();
  });
  it("reaches every room", () => {
    for (const [wanted, address] of [
      ["shelf", "/shelf"],
      ["house rules", "/house-rules"],
      ["list of rules", "/rules"],
      ["import", "/projects/p/import"],
      ["go to the line-up", "/projects/p/line-up"],
    ]) {
      drawn();
      write(wanted!);
      fireEvent.click(document.querySelector("[cmdk-item]")!);
      expect(where(), wanted).toBe(address);
      cleanup();
    }
  });
  it("changes theme, units and gauge, and offers the way back", () => {
    const { onLegend } = drawn();
    for (const [name, state] of [
      ["Dark theme", { theme: "dark" }],
      ["US units", { system: "US" }],
      ["Absolute pressures", { absolute: true }],
    ] as const) {
      fireEvent.click(screen.getByText(name));
      expect(useReading.getState()).toMatchObject(state);
    }
    for (const name of ["Light theme", "Metric units", "Gauge pressures"])
      expect(screen.getByText(name)).toBeTruthy();
    fireEvent.click(screen.getByText("Legend"));
    expect(onLegend).toHaveBeenCalledOnce();
  });
  it("takes the first item on Enter, even if none is marked yet", () => {
    const { onClose } = drawn();
    write("flare");
    document.querySelector("[cmdk-item]")!.setAttribute("aria-selected", "false");
    fireEvent.keyDown(screen.getByPlaceholderText("Tag, station or action"), { key: "Enter" });
    expect(onClose).toHaveBeenCalledOnce();
    expect(where()).toBe("/projects/p/tags/t7");
  });
  it("takes the marked item on Enter, once", () => {
    const { onClose } = drawn();
    write("xv-");
    const box = screen.getByPlaceholderText("Tag, station or action");
    fireEvent.keyDown(box, { key: "ArrowDown" });
    fireEvent.keyDown(box, { key: "Enter" });
    expect(onClose).toHaveBeenCalledOnce();
    expect(where()).toBe("/projects/p/tags/t1");
  });
  it("reports where nothing matches", () => {
    drawn();
    write("no such thing");
    expect(screen.getByText(/No match/)).toBeTruthy();
  });
});

describe("the room of rules", () => {
  const shown = () => document.querySelectorAll("tbody tr").length;
  it("lists every rule with question, source and inputs, by station", () => {
    inTheShell(<RulesRoom />);
    expect(shown()).toBe(rules.length);
    expect(screen.getByText(`${rules.length} of ${rules.length} rules`)).toBeTruthy();
  });
  it("finds rules by question, source or input", async () => {
    inTheShell(<RulesRoom />);
    fireEvent.change(screen.getByLabelText("Find a rule"), { target: { value: "ISO 15156" } });
    const found = rules.filter((r) => r.source.includes("ISO 15156")).length;
    await vi.waitFor(() => expect(shown()).toBe(found));
    fireEvent.change(screen.getByLabelText("Find a rule"), { target: { value: "astrology" } });
    expect(await screen.findByText('No rule matches "astrology".')).toBeTruthy();
  });
});
