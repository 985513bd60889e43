import { describe, expect, it } from "vitest";
import { countsText, waitingAmong } from "./counts.ts";

describe("the three numbers of a proof", () => {
  it("add up to the candidates considered", () => {
    expect(countsText({ considered: 12, standing: 7, cannotTell: 3 })).toBe(
      "4 suitable, 3 cannot tell, 5 ruled out",
    );
    expect(countsText({ considered: 0, standing: 0, cannotTell: 0 })).toBe(
      "0 suitable, 0 cannot tell, 0 ruled out",
    );
  });
  it("call nothing suitable where waiting candidates were not counted", () => {
    expect(countsText({ considered: 12, standing: 7, cannotTell: null })).toBe(
      "7 not ruled out, 5 ruled out",
    );
  });
  it("count a candidate with any cannot tell once", () => {
    expect(waitingAmong([{ cannotTell: 2 }, { cannotTell: 0 }, { cannotTell: 1 }])).toBe(2);
  });
});
