// @vitest-environment happy-dom
import { figure } from "@proven-seat/core/basis/units";
import { constructions } from "@proven-seat/core/construction/bodies";
import { cleanup, fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, describe, expect, it } from "vitest";
import { atTheBench } from "../../../test/at-the-bench.tsx";
import { useBench } from "../../bench/bench-store.ts";
import { CavityFacts } from "./cavity-facts.tsx";
import { Constructions } from "./constructions.tsx";
import Variants from "./variants.tsx";

afterEach(cleanup);

const item = (name: string) => screen.getByText(name).closest("li")!;

describe("constructions", () => {
  it("are all listed, each with its number of suitable valves or the reason why none is", async () => {
    const { view, api } = atTheBench("XV-3052");
    render(<Constructions view={view} />);
    await screen.findByText("Trunnion ball, side entry");
    expect(document.querySelectorAll("li")).toHaveLength(constructions.length);
    for (const row of api.constructions()) {
      const text = item(row.name).textContent!;
      if (row.standing > 0)
        expect(text).toContain(
          `${figure(row.standing - row.cannotTell)} suitable, ${figure(row.cannotTell)} cannot tell, ${figure(row.considered - row.standing)} ruled out`,
        );
      else if (row.fallsOn) expect(text).toContain(row.fallsOn.asks);
    }
  });
  it("mark the selected one, and select the best of another by a click", async () => {
    const { view, api } = atTheBench("XV-3052");
    render(<Constructions view={view} />);
    await screen.findByText("Trunnion ball, top entry");
    const selected = view.selected!.candidate.valve.construction;
    expect(item(selected).querySelector("button")!.getAttribute("aria-current")).toBe("true");
    fireEvent.click(item("Trunnion ball, top entry").querySelector("button")!);
    expect(useBench.getState().selected).toBe(
      api.constructions().find((c) => c.name === "Trunnion ball, top entry")!.key,
    );
  });
  it("offer by construction what nobody makes and the rules would allow", async () => {
    const { view, api } = atTheBench("XV-3017");
    render(<Constructions view={view} />);
    const [allowed] = await waitFor(() => {
      const buttons = screen.getAllByText("by construction");
      expect(buttons.length).toBeGreaterThan(0);
      return buttons;
    });
    const name = allowed!.closest("li")!.querySelector("button span span")!.textContent!;
    const { id } = api.constructions().find((c) => c.name === name)!;
    expect(allowed!.closest("li")!.textContent).toContain(api.byConstruction(id)!.words);
    fireEvent.click(allowed!);
    expect(useBench.getState().selected).toBe(api.byConstruction(id)!.key);
  });
});

describe("cavity and leak paths", () => {
  const detailFor = (number: string, cavity: string) => {
    const { view, prove, api } = atTheBench(number);
    const key = view.rows.flatMap((r) => api.variants(r.key)).find((v) => v.valve.cavity === cavity)!.key;
    return prove(key).selected!;
  };
  it("count two self-relieving seats as one barrier from either side, and show where they relieve", () => {
    render(<CavityFacts detail={detailFor("XV-3052", "two self-relieving seats")} />);
    expect(screen.getByText("one against pressure from upstream, one from downstream")).toBeTruthy();
    expect(screen.getByText("lower side")).toBeTruthy();
    expect(screen.getByText(/each seat holds its own side/)).toBeTruthy();
  });
  it("count two double-piston seats as two, and warn where they trap a liquid", () => {
    const detail = detailFor("HV-1012", "two double-piston seats");
    render(<CavityFacts detail={detail} />);
    expect(screen.getByText("two against pressure from upstream, two from downstream")).toBeTruthy();
    expect(screen.getAllByText(/external relief|do not relieve it/).length).toBeGreaterThan(0);
    const trapped = detail.candidate.findings.find((f) => f.rule === "envelope/trapped-cavity")!;
    expect(trapped.verdict).toBe("fails");
    expect(screen.getByText("trapped and warmed up").nextSibling!.textContent).toMatch(/bar g of .* bar g/);
  });
  it("name the seals of every leak path, and caution persons who open it", () => {
    const detail = detailFor("XV-3052", "two self-relieving seats");
    render(<CavityFacts detail={detail} />);
    for (const path of detail.section.leakPaths)
      expect(screen.getByText(new RegExp(path.seals.join(", then ")), { selector: "span" })).toBeTruthy();
    expect(screen.getByText(/can hold pressure and product.*Never put a hand/s)).toBeTruthy();
  });
});

describe("variants of the selected valve", () => {
  it("are those of its line, class and seat, the selected one first", async () => {
    const { view, api } = atTheBench("XV-3052");
    render(<Variants view={view} />);
    const count = api.variants(view.rows[0]!.key).length;
    await waitFor(() => expect(screen.getAllByText(view.selected!.candidate.valve.bodyGrade)).toBeTruthy());
    expect(screen.getByRole("grid").getAttribute("aria-rowcount") ?? String(count + 1)).toBe(
      String(count + 1),
    );
    expect(document.querySelector('[aria-selected="true"]')!.textContent).toContain(
      view.selected!.candidate.valve.bodyGrade,
    );
  });
});
