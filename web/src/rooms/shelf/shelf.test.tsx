// @vitest-environment happy-dom
import { join } from "node:path";
import type { CatalogueVersion } from "@proven-seat/contract";
import type { Catalogue } from "@proven-seat/core/equipment/catalogue";
import { cleanup, fireEvent, screen } from "@testing-library/react";
import { afterEach, describe, expect, it, vi } from "vitest";
import { readCatalogueFolder } from "../../../../server/src/demo/read-demo.ts";
import { demoFolder } from "../../../../server/src/places.ts";
import { answering, inTheShell, problem } from "../../../test/answers.tsx";
import { catalogueApi } from "../../workers/catalogue-api.ts";
import type { CatalogueWork } from "../../workers/catalogue-work.ts";
import { ImportCatalogue } from "./import-catalogue.tsx";

/** Replaces the worker: the same functions, answering later. */
const inPlace = {
  read: async (files: never) => catalogueApi.read(files),
  difference: async (was: never, now: never) => catalogueApi.difference(was, now),
} as unknown as CatalogueWork["api"];

const demo = readCatalogueFolder(join(demoFolder, "catalogue")).catalogue!;
// Two lines are enough to differ in.
const catalogue: Catalogue = { ...demo, lines: demo.lines.slice(0, 2) };
const current: CatalogueVersion = {
  revision: 4,
  digest: "d",
  reason: "the maker's list",
  name: catalogue.name,
  status: catalogue.status,
  createdAt: "2026-01-01T10:00:00.000Z",
  createdBy: "engineer",
  catalogue,
} as CatalogueVersion;

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const changed = (change: (copy: Catalogue) => void) => {
  const copy = structuredClone(catalogue);
  change(copy);
  return copy;
};
const renamed = changed((c) => {
  c.lines[0]!.name = "Other";
});
const pick = (content: unknown, name = "catalogue.json") =>
  fireEvent.change(screen.getByLabelText("catalogue files"), {
    target: { files: [new File([typeof content === "string" ? content : JSON.stringify(content)], name)] },
  });
const drawn = (answer: unknown = {}) => {
  const server = answering({ "POST /api/catalogue": answer, "/api/catalogue": current, "/versions": [] });
  inTheShell(<ImportCatalogue current={current} work={() => inPlace} />);
  return server;
};

describe("an imported catalogue", () => {
  it("shows its changes against the shelf, and is put there with its origin", async () => {
    const { asked } = drawn({});
    const next = changed((c) => {
      c.lines[0]!.sizes[0]!.price += 10;
      c.lines[1]!.id = "renamed";
    });
    pick(next);
    await screen.findByText(/2 lines, 15 actuator families, 13 of accessories, no fault. Against revision 4/);
    expect(screen.getAllByText(/^(added|removed|changed)/).length).toBeGreaterThanOrEqual(3);
    const put = screen.getByText<HTMLButtonElement>("Put revision 5 on the shelf");
    expect(put.disabled).toBe(true);
    fireEvent.change(screen.getByLabelText("Source of the catalogue"), {
      target: { value: "letter of May" },
    });
    expect(put.disabled).toBe(false);
    fireEvent.submit(put.closest("form")!);
    await vi.waitFor(() => expect(screen.queryByText(/Against revision 4/)).toBeNull());
    expect(asked.find((a) => a.method === "POST")!.body).toEqual({
      catalogue: JSON.parse(JSON.stringify(next)),
      reason: "letter of May",
      basedOn: 4,
    });
  });
  it("is refused whole while it has a fault, with file, row, field and reason", async () => {
    const { asked } = drawn();
    pick(
      changed((c) => {
        c.lines[0]!.sizes[2]!.pad = "F99";
      }),
    );
    await screen.findByText(/^1 fault$/);
    const cells = [...document.querySelectorAll("tbody td")].map((c) => c.textContent);
    expect(cells).toEqual([
      `lines/${catalogue.lines[0]!.id}`,
      "3",
      "sizes.2.pad",
      expect.stringContaining('"F99" is not an ISO 5211 flange'),
    ]);
    expect(screen.queryByText(/on the shelf$/)).toBeNull();
    expect(asked.some((a) => a.method === "POST")).toBe(false);
  });
  it.each([
    ["no JSON", "{broken", "catalogue.json", /not JSON/],
    ["a damaged archive", "PK\u0003\u0004nonsense", "tables.zip", /archive is damaged/],
    ["a table of no catalogue", "a,b\n1,2\n", "strange.csv", /.+/],
  ])("%s is a fault with what to do", async (_, content, name, reason) => {
    drawn();
    pick(content, name);
    await screen.findByText(/^\d+ faults?$/);
    expect(document.querySelector("tbody")!.textContent).toMatch(reason);
  });
  it("that is equal changes nothing, and is not put on the shelf", async () => {
    drawn();
    pick(catalogue);
    await screen.findByText(/no fault/);
    expect(screen.queryByText(/^Put revision/)).toBeNull();
  });
  it("can be cancelled", async () => {
    drawn();
    pick(renamed);
    fireEvent.click(await screen.findByText("cancel"));
    expect(screen.queryByText(/no fault/)).toBeNull();
  });
  it("keeps what was read when the server refuses, and shows why", async () => {
    drawn(problem(409, "Revision 5 was put on the shelf meanwhile."));
    pick(renamed);
    fireEvent.change(await screen.findByLabelText("Source of the catalogue"), { target: { value: "x" } });
    fireEvent.submit(document.querySelector("form")!);
    expect(await screen.findByText(/was put on the shelf meanwhile/)).toBeTruthy();
    expect(screen.getByText(/Against revision 4/)).toBeTruthy();
  });
});
