import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { markedAmbient, withoutAmbient } from "./ambient-range.ts";
import { readMarkings } from "./marking.ts";

describe("the ambient range of a marking", () => {
  it("is the standard's own where none is stated", () => {
    expect(markedAmbient("II 2G Ex db IIB T4 Gb")).toEqual({ fromC: -20, toC: 40, stated: false });
    expect(markedAmbient("II 2D Ex tb IIIC T135°C Db")).toMatchObject({ stated: false });
  });
  it.each([
    ["Ex db IIC T5 Gb, Ta -40 °C to +60 °C", -40, 60],
    ["Ex db IIC T5 Gb Tamb: −20…+55°C", -20, 55],
    ["-50°C ≤ Ta ≤ +65°C Ex db IIC T5 Gb", -50, 65],
    ["Ex db IIC T5 Gb; -30 °C <= Tamb <= 50 °C", -30, 50],
    ["Ex db IIC T5 Gb Ta = 0 °C to 45 °C", 0, 45],
    ["Ex db Gb T4 Ta -40 °C to +60 °C; Ex tb IIIC T100°C Db Ta -20 °C to +70 °C", -20, 60],
  ])("of %s is %d to %d", (marking, fromC, toC) =>
    expect(markedAmbient(marking)).toEqual({ fromC, toC, stated: true }),
  );
  it.each(["Ex db IIC T5 Gb Ta see certificate", "Ex db IIC T5 Gb Ta 60 °C to 40 °C"])(
    "of %s is not guessed at",
    (m) => expect(markedAmbient(m)).toBeNull(),
  );
  it("does not change what else the marking says", () => {
    const plain = "II 2G Ex db IIB T4 Gb; II 2D Ex tb IIIC T135°C Db";
    fc.assert(
      fc.property(fc.integer({ min: -60, max: 0 }), fc.integer({ min: 20, max: 99 }), (from, to) => {
        for (const range of [`Ta ${from} °C to +${to} °C`, `${from} °C ≤ Ta ≤ ${to} °C`])
          expect(readMarkings(`${plain}; ${range}`)).toEqual(readMarkings(plain));
      }),
      { numRuns: 30 },
    );
    expect(withoutAmbient("Ex db IIB T4 Gb")).toBe("Ex db IIB T4 Gb");
  });
});
