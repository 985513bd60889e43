import { emptyDuty, noDefaults } from "@proven-seat/core/duty";
import { describe, expect, it } from "vitest";
import { listApi } from "./list-api.ts";

const plant = { ...noDefaults, operator: "pneumatic", ambientMinimumC: -20 } as const;
const opened = async (text: string, defaults = noDefaults) => {
  const api = listApi();
  await api.open(new TextEncoder().encode(text));
  const { plan } = api.use(0, "metric");
  return { api, plan, view: api.read(plan, {}, defaults) };
};
const standing = (number: string, duty: object) => ({
  number,
  service: "",
  unit: "",
  remarks: {},
  duty: { ...emptyDuty, ...duty },
  version: 4,
});

describe("a list against the project", () => {
  it("is not stored before it has been compared as it was read last", async () => {
    const { api, plan } = await opened("Tag,DN\nXV-1,50\n");
    expect(() => api.toStore([])).toThrow(/still being compared/);
    api.compare([], []);
    expect(api.toStore([])).toHaveLength(1);
    api.read(plan, {}, noDefaults);
    expect(() => api.toStore([])).toThrow(/still being compared/);
  });
  it("gives the project's defaults to new tags, and to no existing one", async () => {
    const { api, view } = await opened("Tag,DN\nXV-1,50\nXV-2,80\n", plant);
    expect(view.guesses[0]!.says).toMatch(/Operator, Lowest ambient/);
    const { changed } = api.compare([standing("XV-1", { operator: "electric" })], ["XV-1"]);
    expect(changed.map(({ changes }) => changes.map(({ label }) => label))).toEqual([["Size"]]);
    const [there, fresh] = api.toStore(["XV-1"]);
    expect(there).toMatchObject({
      number: "XV-1",
      version: 4,
      duty: { dn: 50, operator: "electric", ambientMinimumC: null },
    });
    expect(fresh).toMatchObject({
      number: "XV-2",
      duty: { dn: 80, operator: "pneumatic", ambientMinimumC: -20 },
    });
    expect(fresh).not.toHaveProperty("version");
  });
  it("keeps stated values over guesses about a fluid", async () => {
    const { api } = await opened("Tag,Fluid\nXV-1,Cooling water\n");
    const fluid = {
      ...emptyDuty.fluid,
      name: "Cooling water",
      family: "seawater and brine",
      substance: "seawater",
      phase: "liquid",
    };
    expect(api.compare([standing("XV-1", { fluid })], ["XV-1"])).toMatchObject({ same: 1, changed: [] });
  });
  it("explains why a change forms no valid duty, and never stores it", async () => {
    const { api } = await opened("Tag,Air supply min (barg)\nXV-1,7\n");
    const { changed } = api.compare([standing("XV-1", { airMaximumBarG: 5 })], ["XV-1"]);
    expect(changed[0]!.fault).toMatch(/\w+/);
    expect(api.toStore(["XV-1"])).toEqual([]);
  });
});
