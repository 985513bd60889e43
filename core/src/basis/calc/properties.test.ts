import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { pads } from "../reference/pads.ts";
import { pnNumbers, tabulatedClasses } from "../reference/pressure-temperature.ts";
import { seatIds, seatMaterial } from "../reference/seats.ts";
import { actuatorMargin, type Demand, demandPoints } from "./actuator-margin.ts";
import type { CalculationError } from "./calculation.ts";
import { ellipticE } from "./elliptic.ts";
import { floatingBallTorque } from "./floating-ball-torque.ts";
import { mounting } from "./mounting.ts";
import { rackAndPinionOutput } from "./rack-and-pinion-output.ts";
import { rating } from "./rating.ts";
import { seatLimit } from "./seat-limit.ts";
import { trunnionBallTorque } from "./trunnion-ball-torque.ts";

const codeOf = (run: () => unknown) => {
  try {
    run();
  } catch (error) {
    return (error as CalculationError).code;
  }
  return null;
};
const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const groups = ["1.1", "1.2", "1.3", "1.9", "2.1", "2.2", "2.3", "2.8", "3.4", "3.8"];

describe("elliptic integral", () => {
  it("agrees with published values", () => {
    // Abramowitz and Stegun, table 17.2: E at modulus squared 0.5 and 0.9.
    expect(ellipticE(0)).toBeCloseTo(Math.PI / 2, 14);
    expect(ellipticE(Math.SQRT1_2)).toBeCloseTo(1.3506438810476755, 12);
    expect(ellipticE(Math.sqrt(0.9))).toBeCloseTo(1.1047747327040733, 12);
    expect(ellipticE(1)).toBe(1);
  });
  it("agrees with its own integral", () => {
    for (const k of [0.1, 0.4, 0.7, 0.95]) {
      const steps = 20_000;
      let sum = 0;
      for (let i = 0; i < steps; i++)
        sum += Math.sqrt(1 - (k * Math.sin(((i + 0.5) * Math.PI) / (2 * steps))) ** 2);
      expect(ellipticE(k)).toBeCloseTo((sum * Math.PI) / (2 * steps), 8);
    }
  });
});

describe("rating", () => {
  it("never falls with the class and never rises with temperature", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...groups),
        number(-50, 390),
        number(0, 40),
        (materialGroup, temperatureC, more) => {
          const torqueAt = (n: number, t: number) =>
            rating({ designation: `class ${n}`, materialGroup, temperatureC: t }).pressureBarG;
          const classes = [150, 300, 600, 800, 900, 1500, 2500];
          for (let i = 1; i < classes.length; i++)
            expect(torqueAt(classes[i]!, temperatureC)).toBeGreaterThan(
              torqueAt(classes[i - 1]!, temperatureC),
            );
          for (const n of classes)
            expect(torqueAt(n, Math.min(temperatureC + more, 400))).toBeLessThanOrEqual(
              torqueAt(n, temperatureC) + 1e-9,
            );
        },
      ),
    );
  });
  it("puts class 800 two thirds of the way from 600 to 900", () => {
    const valueAt = (n: number) =>
      rating({ designation: `class ${n}`, materialGroup: "2.2", temperatureC: 123 }).pressureBarG;
    expect(valueAt(800)).toBeCloseTo(valueAt(600) + (2 / 3) * (valueAt(900) - valueAt(600)), 9);
  });
  it("scales PN in proportion and counts the first row below it", () => {
    for (const pn of pnNumbers) {
      expect(
        rating({ designation: `PN ${pn}`, materialGroup: "3E0", temperatureC: 125 }).pressureBarG,
      ).toBeCloseTo(pn * 0.904, 9);
      expect(
        rating({ designation: `PN ${pn}`, materialGroup: "14E0", temperatureC: -100 }).pressureBarG,
      ).toBe(pn);
    }
  });
  it("is exact on a row and ends with the table", () => {
    expect(rating({ designation: "class 150", materialGroup: "1.1", temperatureC: 538 }).pressureBarG).toBe(
      1.4,
    );
    expect(
      codeOf(() => rating({ designation: "class 150", materialGroup: "1.1", temperatureC: 538.01 })),
    ).toBe("temperature-above-table");
    for (const n of tabulatedClasses)
      expect(
        codeOf(() => rating({ designation: `class ${n}`, materialGroup: "3E0", temperatureC: 20 })),
      ).toBe("group-has-no-such-designation");
  });
});

describe("seat limit", () => {
  it.each([
    [50, 1],
    [65, 0.8],
    [100, 0.8],
    [101, 0.6],
    [150, 0.6],
    [225, 0.45],
    [300, 0.45],
    [2000, 0.35],
  ])("DN %i floating keeps %f of the curve", (dn, share) => {
    expect(seatLimit({ seat: "ptfe", dn, mounting: "floating", temperatureC: 38 }).pressureBarG).toBeCloseTo(
      69 * share,
      9,
    );
  });
  it("lets the class govern a metal seat inside its range only", () => {
    expect(
      seatLimit({ seat: "metal-wc", dn: 100, mounting: "trunnion", temperatureC: 480 }).pressureBarG,
    ).toBeNull();
    expect(
      codeOf(() => seatLimit({ seat: "metal-wc", dn: 100, mounting: "trunnion", temperatureC: 481 })),
    ).toBe("temperature-above-seat-maximum");
    expect(codeOf(() => seatLimit({ seat: "cheese", dn: 100, mounting: "trunnion", temperatureC: 20 }))).toBe(
      "unknown-seat",
    );
  });
  it("never rises with temperature or with size, and is never lower for a trunnion than for a floating ball", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...seatIds),
        number(0, 1),
        number(15, 600),
        number(0, 300),
        (seat, share, dn, more) => {
          const { minimumC, excursionMaximumC } = seatMaterial(seat)!;
          const t = minimumC + share * (excursionMaximumC - minimumC);
          const valueAt = (
            size: number,
            temperatureC: number,
            mounted: "floating" | "trunnion" = "floating",
          ) =>
            seatLimit({ seat, dn: size, mounting: mounted, temperatureC }).pressureBarG ??
            Number.POSITIVE_INFINITY;
          expect(valueAt(dn, Math.min(t + more, excursionMaximumC))).toBeLessThanOrEqual(valueAt(dn, t));
          expect(valueAt(dn + more, t)).toBeLessThanOrEqual(valueAt(dn, t));
          expect(valueAt(dn, t, "trunnion")).toBeGreaterThanOrEqual(valueAt(dn, t));
        },
      ),
    );
  });
});

const stem = {
  stemDiameterMm: 25,
  packingHeightMm: 25,
  packingRadialStressMPa: 4,
  packingFriction: 0.1,
  thrustWasherMeanDiameterMm: 32,
  thrustFriction: 0.1,
  linePressureBarG: 20,
};

describe("torque of a ball", () => {
  const floating = {
    ballDiameterMm: 80,
    seatContactDiameterMm: 58,
    seatPreloadN: 2500,
    seatFriction: 0.1,
    ...stem,
  };

  it("is flat while the preload governs, then rises; equality lies on both lines", () => {
    const { preloadGovernsBelowBar: border } = floatingBallTorque({ ...floating, differentialBar: 0 });
    const seat = (differentialBar: number) => floatingBallTorque({ ...floating, differentialBar }).seatNm;
    expect(seat(border * 0.5)).toBeCloseTo(seat(0), 9);
    expect(seat(border)).toBeCloseTo(seat(0), 9);
    expect(seat(border * 2)).toBeCloseTo(2 * seat(0), 9);
  });
  it("never falls as differential, preload, friction or packing stress rise", () => {
    fc.assert(
      fc.property(
        number(0, 100),
        number(0, 5000),
        number(0, 0.4),
        number(0, 20),
        number(0, 1),
        (dp, preload, mu, stress, more) => {
          const valueAt = (p: number, f: number, m: number, s: number) =>
            floatingBallTorque({
              ...floating,
              differentialBar: p,
              seatPreloadN: f,
              seatFriction: m,
              packingRadialStressMPa: s,
            }).totalNm;
          const base = valueAt(dp, preload, mu, stress) - 1e-9;
          expect(valueAt(dp + more, preload, mu, stress)).toBeGreaterThanOrEqual(base);
          expect(valueAt(dp, preload + more, mu, stress)).toBeGreaterThanOrEqual(base);
          expect(valueAt(dp, preload, mu + more, stress)).toBeGreaterThanOrEqual(base);
          expect(valueAt(dp, preload, mu, stress + more)).toBeGreaterThanOrEqual(base);
        },
      ),
    );
  });
  it("keeps the seats in balance with the thrust of the line", () => {
    fc.assert(
      fc.property(number(0, 200), number(0, 5000), (differentialBar, seatPreloadN) => {
        const { downstreamSeatLoadN: down, upstreamSeatLoadN: up } = floatingBallTorque({
          ...floating,
          differentialBar,
          seatPreloadN,
        });
        expect(down - up).toBeCloseTo(differentialBar * 0.1 * (Math.PI / 4) * 58 ** 2, 6);
      }),
    );
  });

  const trunnion = {
    ballDiameterMm: 200,
    seatContactDiameterMm: 145,
    seatSealDiameterMm: 155,
    differentialBar: 40,
    seatFriction: 0.1,
    bearingDiameterMm: 60,
    bearingFriction: 0.08,
    ...stem,
  };
  const seats = (a: number, b: number) => [
    { springLoadN: 2000, drivingPressureBar: a },
    { springLoadN: 2000, drivingPressureBar: b },
  ];

  it("treats both seats alike, and a lifting pressure takes a seat off the ball and no further", () => {
    const single = trunnionBallTorque({ ...trunnion, seats: seats(40, 0) });
    const other = trunnionBallTorque({ ...trunnion, seats: seats(0, 40) });
    expect(single.totalNm).toBeCloseTo(other.totalNm, 9);
    expect(single.seatLoadsN).toEqual([...other.seatLoadsN].reverse());
    expect(trunnionBallTorque({ ...trunnion, seats: seats(-500, -1000) }).seatNm).toBe(0);
  });
  it("uses a seat's own area where it is given", () => {
    const area = (Math.PI / 4) * (155 ** 2 - 145 ** 2);
    const result = trunnionBallTorque({
      ...trunnion,
      seats: [{ springLoadN: 2000, drivingPressureBar: 40, effectiveAreaMm2: area }, seats(0, 0)[1]!],
    });
    expect(result.totalNm).toBeCloseTo(trunnionBallTorque({ ...trunnion, seats: seats(40, 0) }).totalNm, 9);
  });
  it("refuses impossible geometry", () => {
    expect(
      codeOf(() => floatingBallTorque({ ...floating, seatContactDiameterMm: 80, differentialBar: 1 })),
    ).toBe("contact-not-inside-ball");
    expect(
      codeOf(() => trunnionBallTorque({ ...trunnion, seatContactDiameterMm: 200, seats: seats(1, 0) })),
    ).toBe("contact-not-inside-ball");
    expect(
      codeOf(() => trunnionBallTorque({ ...trunnion, seatSealDiameterMm: 140, seats: seats(1, 0) })),
    ).toBe("seal-not-outside-contact");
  });
});

describe("drive output and margin", () => {
  const cylinder = { pistonDiameterMm: 100, pistonCount: 2, pinionPitchRadiusMm: 30, efficiency: 0.9 };
  const demandNm: Demand = {
    breakToOpenNm: 100,
    runToOpenNm: 50,
    endToOpenNm: 60,
    breakToCloseNm: 60,
    runToCloseNm: 50,
    endToCloseNm: 80,
  };

  it("adds air and spring torque at the same place to the double-acting torque", () => {
    fc.assert(
      fc.property(
        number(0, 10),
        number(0, 3000),
        number(0, 60),
        (airBarG, springPreloadN, springRateNPerMm) => {
          const plain = rackAndPinionOutput({ ...cylinder, airBarG }) as { torqueNm: number };
          const sprung = rackAndPinionOutput({
            ...cylinder,
            airBarG,
            springPreloadN,
            springRateNPerMm,
          }) as Record<"airStartNm" | "airEndNm" | "springStartNm" | "springEndNm", number>;
          expect(sprung.airStartNm + sprung.springEndNm).toBeCloseTo(plain.torqueNm, 6);
          expect(sprung.airEndNm + sprung.springStartNm).toBeCloseTo(plain.torqueNm, 6);
        },
      ),
    );
  });
  it("needs both spring figures or neither", () => {
    expect(codeOf(() => rackAndPinionOutput({ ...cylinder, airBarG: 5, springPreloadN: 1 }))).toBe(
      "spring-incomplete",
    );
    expect(codeOf(() => rackAndPinionOutput({ ...cylinder, airBarG: 5, springRateNPerMm: 1 }))).toBe(
      "spring-incomplete",
    );
  });
  it("never gets weaker with more air, whichever way the spring drives", () => {
    fc.assert(
      fc.property(
        number(1, 8),
        number(0, 2),
        fc.constantFrom("spring-to-close" as const, "spring-to-open" as const),
        (air, more, action) => {
          const valueAt = (airBarG: number) =>
            actuatorMargin({
              demandNm,
              serviceFactor: 1.2,
              action,
              output: rackAndPinionOutput({ ...cylinder, airBarG, springPreloadN: 500, springRateNPerMm: 8 }),
            }).margin;
          expect(valueAt(air + more)).toBeGreaterThanOrEqual(valueAt(air) - 1e-12);
        },
      ),
    );
  });
  it("lets equality pass and names the first of equal points", () => {
    const even = Object.fromEntries(demandPoints.map((p) => [p, 100])) as Demand;
    expect(
      actuatorMargin({
        demandNm: even,
        serviceFactor: 1.2,
        action: "double-acting",
        output: { torqueNm: 120 },
      }),
    ).toMatchObject({ governing: "breakToOpenNm", sufficient: true, margin: 0 });
    expect(
      actuatorMargin({
        demandNm: even,
        serviceFactor: 1.2,
        action: "double-acting",
        output: { torqueNm: 119.999 },
      }).sufficient,
    ).toBe(false);
  });
  it("meets the opening stroke with the spring when the spring opens", () => {
    const output = { airStartNm: 900, airEndNm: 800, springStartNm: 120, springEndNm: 70, springRunNm: 40 };
    expect(actuatorMargin({ demandNm, serviceFactor: 1, action: "spring-to-open", output })).toMatchObject({
      governing: "runToOpenNm",
      ratios: { breakToOpenNm: 1.2, runToOpenNm: 0.8 },
    });
    expect(
      actuatorMargin({ demandNm, serviceFactor: 1, action: "spring-to-close", output }).ratios.breakToOpenNm,
    ).toBe(9);
  });
  it("judges the stem by the output at maximum supply where it is given", () => {
    const input = {
      demandNm,
      serviceFactor: 1,
      action: "double-acting" as const,
      output: { torqueNm: 150 },
      maximumStemTorqueNm: 200,
    };
    expect(actuatorMargin(input)).toMatchObject({ peakOutputNm: 150, stemSafe: true });
    expect(actuatorMargin({ ...input, outputAtMaximumSupply: { torqueNm: 200.1 } })).toMatchObject({
      peakOutputNm: 200.1,
      stemSafe: false,
    });
    expect(actuatorMargin({ ...input, maximumStemTorqueNm: undefined })).not.toHaveProperty("stemSafe");
  });
  it("refuses an output that does not fit the action", () => {
    expect(
      codeOf(() =>
        actuatorMargin({ demandNm, serviceFactor: 1, action: "spring-to-close", output: { torqueNm: 5 } }),
      ),
    ).toBe("output-does-not-fit-action");
    expect(
      codeOf(() =>
        actuatorMargin({
          demandNm,
          serviceFactor: 1,
          action: "double-acting",
          output: { airStartNm: 1, airEndNm: 1, springStartNm: 1, springEndNm: 1 },
        }),
      ),
    ).toBe("output-does-not-fit-action");
  });
});

describe("mounting", () => {
  it("allows each pad its full torque and needs the next size just above it", () => {
    pads.forEach((pad, i) => {
      expect(mounting({ requiredTorqueNm: pad.maximumTorqueNm }).flange).toBe(pad.flange);
      const next = pads[i + 1];
      if (next) expect(mounting({ requiredTorqueNm: pad.maximumTorqueNm + 0.01 }).flange).toBe(next.flange);
    });
  });
});
