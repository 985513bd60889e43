// @vitest-environment happy-dom
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { useReading } from "../../app/reading.ts";
import { useBench } from "../../bench/bench-store.ts";
import { CasesTable } from "./cases-table.tsx";
import { DutyFieldRow } from "./duty-field.tsx";
import { DutyPanel } from "./duty-panel.tsx";
import { panelRows } from "./fields.ts";
import MissingList from "./missing-list.tsx";

const duty = () => useBench.getState().content!.duty;
const input = (label: string | RegExp) => screen.getByLabelText<HTMLInputElement>(label);
const type = (label: string | RegExp, value: string) => fireEvent.change(input(label), { target: { value } });

afterEach(() => {
  cleanup();
  useReading.setState({ system: "metric", units: {}, fieldUnits: {} });
});

describe("remarks from the line list", () => {
  it("are below the duty, with suggestions from their words", () => {
    atTheBench("XV-3052");
    useBench.setState({ remarks: { Insulation: "50 mm", Notes: "steamed out in May" } });
    render(<DutyPanel faults={{}} caseVerdicts={{}} toKnow={[]} />);
    expect(screen.getByText("50 mm")).toBeTruthy();
    expect(screen.getByText(/Add the case so that the seat is examined for it/)).toBeTruthy();
  });
});

describe("operating cases", () => {
  const drawn = (faults: Record<string, string> = {}) => {
    const bench = atTheBench("XV-3052");
    render(<CasesTable faults={faults} verdicts={{ c1: "holds", c2: "tight" }} />);
    return bench;
  };
  it("take values in the reader's unit, and in any other that is typed with them", () => {
    drawn();
    type("upstream, maximum, bar g", "750 psi");
    expect(duty().cases[1]!.upstreamBarG).toBeCloseTo(51.710679, 5);
    type("temperature, maximum, °C", "400 F");
    expect(duty().cases[1]!.temperatureC).toBeCloseTo(204.444, 3);
    type("downstream, maximum, bar g", "");
    expect(duty().cases[1]!.downstreamBarG).toBeNull();
  });
  it("keep unreadable text as typed, report it, and store nothing of it", () => {
    drawn();
    const before = duty().cases[0]!.upstreamBarG;
    type("upstream, normal, bar g", "12 furlongs");
    expect(duty().cases[0]!.upstreamBarG).toBe(before);
    expect(input("upstream, normal, bar g").value).toBe("12 furlongs");
    expect(screen.getByText('"12 furlongs" is not a number with a unit of pressure.')).toBeTruthy();
    type("upstream, normal, bar g", "12");
    expect(duty().cases[0]!.upstreamBarG).toBe(12);
    expect(useBench.getState().unreadable).toEqual({});
  });
  it("show the fault of a value below its case", () => {
    drawn({ "cases.1.temperatureC": "Below absolute zero." });
    expect(screen.getByText("Below absolute zero.")).toBeTruthy();
  });
  it("show their verdict, and open to the rest of the case", () => {
    drawn();
    const more = screen.getByLabelText("maximum: tight; details of this case");
    expect(more.getAttribute("aria-expanded")).toBe("false");
    fireEvent.click(more);
    expect(more.getAttribute("aria-expanded")).toBe("true");
    type("name of case 2", "upset");
    expect(duty().cases[1]!.name).toBe("upset");
  });
  it("have headings in the reader's units", () => {
    useReading.setState({ system: "US" });
    drawn();
    expect(screen.getByText("psi g")).toBeTruthy();
    expect(input("upstream, normal, psi g").value).toBe("841.2");
  });
  it("invite to the first one where there is none", () => {
    atTheBench("XV-3052", (d) => ({ ...d, cases: [] }));
    render(<CasesTable faults={{}} verdicts={{}} />);
    expect(screen.getByRole("button", { name: "Add the first case" })).toBeTruthy();
  });
});

describe("Enter in an entry of the duty", () => {
  const drawn = () => {
    atTheBench("XV-3052");
    render(
      <DutyPanel faults={{}} caseVerdicts={{}} toKnow={["dn", "lineDesignation", "cases.1.temperatureC"]} />,
    );
  };
  const enter = (label: string, more: object = {}) =>
    fireEvent.keyDown(input(label), { key: "Enter", ...more });
  it("leads to the next mandatory value, and there on to the first again", () => {
    drawn();
    for (const [from, to] of [
      ["size", "line class"],
      ["line class", "temperature, maximum, °C"],
      ["temperature, maximum, °C", "size"],
      ["fluid", "size"],
    ]) {
      input(from!).focus();
      enter(from!);
      expect(document.activeElement, from).toBe(input(to!));
    }
  });
  it("does nothing with a modifier key, and nothing in a button", () => {
    drawn();
    input("size").focus();
    enter("size", { ctrlKey: true });
    expect(document.activeElement).toBe(input("size"));
    const toxic = screen.getByRole("button", { name: "toxic" });
    toxic.focus();
    fireEvent.keyDown(toxic, { key: "Enter" });
    expect(document.activeElement).toBe(toxic);
  });
});

describe("a count of the duty", () => {
  const chlorides = panelRows("fluid").find(
    (row) => row.kind === "field" && row.field.path === "fluid.chloridesMgL",
  )!;
  it("takes a number with or without its unit, and refuses words", () => {
    atTheBench("XV-3052");
    render(<DutyFieldRow row={chlorides} fault={() => undefined} />);
    type("chlorides", "250 mg/l");
    expect(duty().fluid.chloridesMgL).toBe(250);
    type("chlorides", "a few");
    expect(duty().fluid.chloridesMgL).toBe(250);
    expect(screen.getByText('"a few" is not a number.')).toBeTruthy();
    type("chlorides", "");
    expect(duty().fluid.chloridesMgL).toBeNull();
  });
  it("shows the fault of an impossible number", () => {
    atTheBench("XV-3052");
    render(
      <DutyFieldRow
        row={chlorides}
        fault={(path) => (path === "fluid.chloridesMgL" ? "Too many." : undefined)}
      />,
    );
    expect(screen.getByText("Too many.")).toBeTruthy();
    expect(input("chlorides").getAttribute("aria-invalid")).toBe("true");
  });
});

describe("the function of the valve", () => {
  const task = panelRows("task").find((row) => row.kind === "field" && row.field.path === "function")!;
  const press = (name: string) => fireEvent.click(screen.getByRole("button", { name }));
  it("may be several at once, and none pressed is not stated", () => {
    atTheBench("XV-3052", (d) => ({ ...d, function: null }));
    render(<DutyFieldRow row={task} fault={() => undefined} />);
    press("throttling");
    press("double isolation, one way");
    expect(duty().function).toEqual(["double isolation, one way", "throttling"]);
    expect(screen.getByRole("button", { name: "throttling" }).getAttribute("aria-pressed")).toBe("true");
    press("throttling");
    press("double isolation, one way");
    expect(duty().function).toBeNull();
  });
});

describe("an installed valve", () => {
  it("has its own questions, which no other valve has", () => {
    atTheBench("XV-3052");
    const panel = <DutyPanel faults={{}} caseVerdicts={{}} toKnow={[]} />;
    render(panel);
    expect(screen.queryByLabelText("mounting pad, installed valve")).toBeNull();
    cleanup();
    atTheBench("XV-3052", (d) => ({ ...d, onSite: true }));
    render(panel);
    fireEvent.change(screen.getByLabelText("mounting pad, installed valve"), { target: { value: "F12" } });
    type(/^breakaway torque, installed valve(, N·m)?$/, "500");
    expect(duty()).toMatchObject({ onSitePad: "F12", onSiteBreakNm: 500 });
  });
});

describe("missing values of the duty", () => {
  const list = () => [...document.querySelectorAll("li")].map((li) => li.textContent!);
  it("name mandatory ones first, and assumptions in the reader's units", () => {
    const { view } = atTheBench("XV-9001");
    const { rerender } = render(<MissingList view={view} />);
    const stops = view.missing.filter((m) => m.assumption === null).length;
    expect(
      list()
        .slice(0, stops)
        .every((text) => text.includes("not assumed")),
    ).toBe(true);
    expect(screen.getByText(new RegExp(`^${stops} must be entered, `))).toBeTruthy();
    expect(list().join(" ")).toMatch(/Lowest air supply: \d+ bar g assumed/);
    useReading.setState({ system: "US" });
    rerender(<MissingList view={{ ...view }} />);
    expect(list().join(" ")).toMatch(/Lowest air supply: [\d.]+ psi g assumed/);
    expect(list().join(" ")).not.toMatch(/bar g|°C/);
  });
  it("put first what changes most valves, counted by proving with the gap filled otherwise", async () => {
    const { view, api } = atTheBench("XV-3052", (d) => ({ ...d, flowDirection: null, port: null }));
    render(<MissingList view={view} />);
    const assumed = view.missing.filter((m) => m.assumption !== null);
    const effects = Object.fromEntries(
      await Promise.all(assumed.map(async (m) => [m.label, await api.effect(m.field)] as const)),
    );
    await screen.findAllByText(/valves? changes? (its|their) verdict|No verdict depends on it/);
    await waitFor(() =>
      expect(list().filter((text) => /verdict\.|No verdict/.test(text)).length).toBe(view.missing.length),
    );
    const shown = list().map((text) => effects[text.split(":")[0]!]!);
    expect(shown).toEqual([...shown].sort((a, b) => b - a));
    expect(Math.max(...shown)).toBeGreaterThan(0);
  });
  it("report where nothing is open", () => {
    const { view } = atTheBench("XV-3052");
    render(<MissingList view={{ ...view, missing: [] }} />);
    expect(screen.getByText(/The duty is complete/)).toBeTruthy();
  });
});
