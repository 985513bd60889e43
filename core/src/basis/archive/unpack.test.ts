import { strToU8, zipSync } from "fflate";
import { describe, expect, it } from "vitest";
import { UnpacksToTooMuch, unpack } from "./unpack.ts";

const zip = zipSync({ "a.csv": strToU8("12345"), "b.csv": strToU8("67890"), "c.png": new Uint8Array(500) });

describe("an archive", () => {
  it("is unpacked to the wanted files, up to its limit", () => {
    const files = unpack(zip, /\.csv$/, 10);
    expect(Object.entries(files).map(([name, { length }]) => [name, length])).toEqual([
      ["a.csv", 5],
      ["b.csv", 5],
    ]);
  });
  it("is refused one byte beyond the limit of all wanted files together", () => {
    expect(() => unpack(zip, /\.csv$/, 9)).toThrow(UnpacksToTooMuch);
    expect(() => unpack(zip, /\.png$/, 499)).toThrow(UnpacksToTooMuch);
  });
  it("is refused where it is none", () => {
    expect(() => unpack(strToU8("PK\u0003\u0004nonsense"), /\.csv$/, 10)).toThrow();
  });
});
