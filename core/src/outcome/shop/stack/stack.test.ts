import { describe, expect, it } from "vitest";
import { demoShelf } from "../../../../test/demo.ts";
import { dutyWith } from "../../../../test/fixture.ts";
import { bare, demoWork, house } from "../../../../test/workshop.ts";
import { constructions } from "../../../construction/bodies/constructions.ts";
import { settle } from "../../../duty/settling/settle.ts";
import type { Drive } from "../../../equipment/drives/kind.ts";
import { assessStack } from "./assess.ts";
import { type ChainLink, chainKind, chainOf, type SeatChain } from "./chain.ts";
import { driveLoadN } from "./drive-load.ts";
import { linkMeasures, withMeasured } from "./measured.ts";

const valveOf = (id: string) =>
  [25, 50, 80, 100, 150].flatMap((dn) => demoShelf.valvesFor(dn)).find((v) => v.construction.id === id)!;
const chain = chainOf(valveOf("floating-two-piece"))!;
const with_ = (change: (link: ChainLink) => Partial<ChainLink>, seatChain: SeatChain = chain): SeatChain => ({
  ...seatChain,
  links: seatChain.links.map((link) => ({ ...link, ...change(link) })),
});

describe("the chain of a seat", () => {
  it("exists where dimensions press it, and not where torque or sealant does", () => {
    const pressed = new Map(constructions.map((c) => [c.id, chainKind(c)]));
    const none = ["butterfly-triple-offset", "plug-eccentric", "plug-lubricated", "tilt-away"];
    expect([...pressed].flatMap(([id, kind]) => (kind === null ? [id] : [])).sort()).toEqual(none);
    for (const [id, kind] of pressed) expect(chainOf(valveOf(id)) === null, id).toBe(kind === null);
  });
  it("of springs is slack when they are short, and solid when they are long", () => {
    const springs = chainOf(valveOf("trunnion-side-entry"))!;
    const load = valveOf("trunnion-side-entry").size.geometry.seatLoadN;
    expect(assessStack(springs).loadAtMeanN).toBeCloseTo(Object.values(load)[0]!, 0);
    const by = (mm: number) =>
      assessStack(
        with_(
          (chainLink) => (/free height/.test(chainLink.name) ? { nominalMm: chainLink.nominalMm + mm } : {}),
          springs,
        ),
      );
    expect(by(-5).probabilityLoose).toBeGreaterThan(0.99);
    expect(by(10).probabilityOver).toBeGreaterThan(0.99);
  });
  it("of every valve is neither loose nor over-compressed at its nominal dimensions", () => {
    const tried = new Set<unknown>();
    for (const valve of [50, 100].flatMap((dn) => demoShelf.valvesFor(dn))) {
      const { size, seat } = valve;
      const alike = `${valve.line.id} ${size.dn} ${size.designation} ${seat.material.id}`;
      const seatChain = chainOf(valve);
      if (seatChain === null || tried.has(alike)) continue;
      tried.add(alike);
      const { loadAtMeanN, mostLoadN } = assessStack(seatChain);
      expect(loadAtMeanN, valve.key).toBeGreaterThan(0);
      expect(loadAtMeanN, valve.key).toBeLessThan(mostLoadN);
    }
    expect(tried.size).toBeGreaterThan(10);
  });
  it("uses measured values, which do not scatter", () => {
    const measured = with_(({ nominalMm }) => ({ measuredMm: nominalMm }));
    const { worstMaximumMm, worstMinimumMm, meanMm, worstLink, probabilityLoose, probabilityOver } =
      assessStack(measured);
    expect(worstMaximumMm).toBeCloseTo(worstMinimumMm, 12);
    expect(worstMaximumMm).toBeCloseTo(meanMm, 12);
    expect(worstLink).toBeNull();
    expect([probabilityLoose, probabilityOver]).toEqual([0, 0]);
    const assessment = assessStack(with_((link) => (link.picked ? { measuredMm: link.nominalMm } : {})));
    expect(assessment.rssMaximumMm - assessment.meanMm).toBeLessThan(
      assessStack(chain).rssMaximumMm - assessStack(chain).meanMm,
    );
  });
  it("is loose or over-compressed as it grows, and never both probable", () => {
    const stackAt = (mm: number) =>
      assessStack(with_((link) => (link.picked ? { measuredMm: link.nominalMm + mm } : {})));
    const limit = chain.mostLoadN / chain.stiffnessNPerMm;
    expect(stackAt(-1).probabilityLoose).toBeGreaterThan(0.99);
    expect(stackAt(limit * 3).probabilityOver).toBeGreaterThan(0.99);
    let before = 1;
    for (let mm = -0.5; mm < limit * 2; mm += 0.05) {
      const { probabilityLoose, probabilityOver } = stackAt(mm);
      expect(probabilityLoose).toBeLessThanOrEqual(before + 1e-12);
      before = probabilityLoose;
      expect(probabilityLoose + probabilityOver).toBeLessThanOrEqual(1 + 1e-9);
    }
  });
  it("has the same histogram every time, which agrees with the probability of a loose seat", () => {
    const loose = with_((link) =>
      link.picked ? { nominalMm: link.nominalMm - assessStack(chain).meanMm } : {},
    );
    const a = assessStack(loose);
    expect(assessStack(loose).histogram).toEqual(a.histogram);
    const { counts, fromMm, toMm } = a.histogram;
    const total = counts.reduce((x, y) => x + y, 0);
    expect(total).toBe(20_000);
    const below = counts
      .filter((_, i) => fromMm + ((i + 0.5) / counts.length) * (toMm - fromMm) < 0)
      .reduce((x, y) => x + y, 0);
    expect(below / total).toBeCloseTo(a.probabilityLoose, 1);
  });
  it("picks the part from stock that brings the load nearest to its target", () => {
    const { stock, targetN } = assessStack(chain, [0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 1]);
    const miss = stock.map(({ loadAtMeanN }) => Math.abs(loadAtMeanN - targetN));
    expect([...miss].sort((a, b) => a - b)).toEqual(miss);
    expect(assessStack(chain).stock).toEqual([]);
  });
});

describe("the correction", () => {
  const measured = (name: RegExp, by: number) =>
    with_((chainLink) => (name.test(chainLink.name) ? { measuredMm: chainLink.nominalMm + by } : {}));
  it("is of a link outside its limits, back to them", () => {
    const depth = chain.links.find(({ name }) => /depth/.test(name))!;
    const { correct } = assessStack(measured(/depth/, depth.plusMm + 0.03));
    expect(correct).toMatchObject({ name: depth.name, because: "outside limits" });
    expect(correct!.byMm).toBeCloseTo(-0.03, 9);
    expect(assessStack(measured(/depth/, -depth.minusMm - 0.02)).correct!.byMm).toBeCloseTo(0.02, 9);
    // At its limit it is within it.
    expect(assessStack(measured(/depth/, depth.plusMm)).correct?.because).not.toBe("outside limits");
  });
  it("is otherwise the part from stock that brings the load to its target", () => {
    const slack = with_((chainLink) => (chainLink.picked ? { nominalMm: chainLink.nominalMm - 0.5 } : {}));
    const { correct, targetN } = assessStack(slack);
    const put = with_(
      (chainLink) => (chainLink.picked ? { nominalMm: chainLink.nominalMm + correct!.byMm } : {}),
      slack,
    );
    expect(correct!.because).toBe("gives the mean load");
    expect(assessStack(put).loadAtMeanN).toBeCloseTo(targetN, 6);
  });
  it("is none where nothing is wrong, or nothing can be picked", () => {
    const measuredRight = with_((chainLink) => ({ measuredMm: chainLink.nominalMm }));
    expect(assessStack(measuredRight).correct).toBeNull();
    expect(
      assessStack(with_((chainLink) => ({ picked: false, nominalMm: chainLink.nominalMm + 1 }))).correct,
    ).toBeNull();
  });
});

describe("a load that the actuator still turns", () => {
  const { valve, duty } = bare("floating-two-piece", [50]);
  const work = demoWork("XV-1004");
  it("is none for a bare stem, and none where the proof has no torque", () => {
    expect(driveLoadN({ valve, drive: null, duty, house })).toBeNull();
    const blind = settle(dutyWith({ cases: [{ upstreamBarG: null }] }), house);
    expect(driveLoadN({ ...work, duty: blind })).toBeNull();
  });
  it("is above the target where the actuator has a reserve, and falls with the actuator", () => {
    const meant = assessStack(chainOf(work.valve)!).loadAtMeanN;
    const load = driveLoadN(work)!;
    expect(load).toBeGreaterThan(meant);
    const weak = {
      ...work.drive!,
      outputAt: (...asked: Parameters<Drive["outputAt"]>) => {
        const { opening, closing } = work.drive!.outputAt(...asked);
        return { opening: opening.map((nm) => nm / 20), closing: closing.map((nm) => nm / 20) };
      },
    } as Drive;
    expect(driveLoadN({ ...work, drive: weak })!).toBeLessThan(meant);
  });
  it("limits the stack where the seat bears more, and does not where it bears less", () => {
    const seat = assessStack(chain).mostLoadN;
    expect(assessStack(chain, [], seat / 4)).toMatchObject({ mostLoadN: seat / 4, driveBearsLess: true });
    expect(assessStack(chain, [], seat * 4)).toMatchObject({ mostLoadN: seat, driveBearsLess: false });
    expect(assessStack(chain, [], seat / 100).probabilityOver).toBeGreaterThan(0.99);
  });
});

describe("readings of a chain on a job", () => {
  const [first, second] = chain.links;
  it("go into its links by name, and invalid ones are ignored", () => {
    const before = { ...chain, links: [{ ...first!, measuredMm: 4 }, ...chain.links.slice(1)] };
    const readings = [
      { what: second!.name, value: 61.2 },
      { what: first!.name, value: -1 },
      { what: "seat load", value: 900 },
    ];
    const { links, ...rest } = withMeasured(before, readings);
    expect(rest).toEqual({ stiffnessNPerMm: chain.stiffnessNPerMm, mostLoadN: chain.mostLoadN });
    expect(links.map(({ measuredMm }) => measuredMm)).toEqual([
      4,
      61.2,
      ...chain.links.slice(2).map(() => null),
    ]);
  });
  it("are asked for link by link, without limits from estimates", () => {
    expect(linkMeasures(chain)).toHaveLength(chain.links.length);
    for (const { least, most: maximum, unit } of linkMeasures(chain))
      expect([least, maximum, unit]).toEqual([null, null, "mm"]);
  });
});
