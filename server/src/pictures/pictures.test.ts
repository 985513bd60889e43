import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { setTimeout as sleep } from "node:timers/promises";
import sharp from "sharp";
import { afterEach, beforeAll, describe, expect, it } from "vitest";
import { bundleJobWorker, pictureReducer } from "../../test/job-worker.ts";
import { pictureKind } from "./kind.ts";
import { Pictures, type PicturesOptions } from "./pictures.ts";

beforeAll(bundleJobWorker);
let pictures: Pictures;
afterEach(() => pictures?.close());
const start = (options: PicturesOptions = {}) => {
  pictures = new Pictures({ program: pictureReducer, timeoutMs: 60_000, ...options });
  return pictures;
};
const here = new AbortController().signal;
const blank = (width: number, height: number) =>
  sharp({ create: { width, height, channels: 3, background: "#446688" } });
/** Small in bytes, endless to draw. */
const bomb = Buffer.from(
  `<svg xmlns="http://www.w3.org/2000/svg" width="20000" height="20000"><filter id="f">${'<feTurbulence numOctaves="50"/><feGaussianBlur stdDeviation="300"/>'.repeat(20)}</filter><rect width="100%" height="100%" filter="url(#f)"/></svg>`,
);

/** A PNG whose header promises another size: its length stays a few bytes. */
async function promising(width: number, height: number): Promise<Buffer> {
  const png = await blank(8, 8).png().toBuffer();
  png.writeUInt32BE(width, 16);
  png.writeUInt32BE(height, 20);
  return png;
}
const framed = (background: string) =>
  sharp({ create: { width: 8, height: 8, channels: 3, background } })
    .png()
    .toBuffer();
/** A PNG with a second frame. */
async function animatedPng(): Promise<Buffer> {
  const png = await blank(8, 8).png().toBuffer();
  const at = png.indexOf("IDAT") - 4;
  return Buffer.concat([
    png.subarray(0, at),
    Buffer.from("\0\0\0\bacTL\0\0\0\x02\0\0\0\0....", "latin1"),
    png.subarray(at),
  ]);
}

describe("the kind of a picture", () => {
  it("is told by its first bytes", async () => {
    expect(pictureKind(await blank(8, 8).jpeg().toBuffer())).toBe("jpeg");
    expect(pictureKind(await blank(8, 8).png().toBuffer())).toBe("png");
    expect(pictureKind(await blank(8, 8).webp().toBuffer())).toBe("webp");
    for (const other of [bomb, await blank(8, 8).gif().toBuffer(), await blank(8, 8).tiff().toBuffer()])
      expect(pictureKind(other)).toBeNull();
    expect(pictureKind(new Uint8Array())).toBeNull();
  });
});

describe("pictures", { timeout: 120_000 }, () => {
  it.each(["jpeg", "png", "webp"] as const)("of kind %s are reduced to a JPEG", async (kind) => {
    const jpeg = await start().reduce(await blank(2400, 1200)[kind]().toBuffer(), here);
    expect(await sharp(jpeg).metadata()).toMatchObject({ format: "jpeg", width: 1600, height: 800 });
    expect(pictures.running).toBe(0);
  });
  it("that are drawings never reach a decoder", async () => {
    await expect(start({ program: "no such program" }).reduce(bomb, here)).rejects.toThrow(
      /Use JPEG, PNG or WebP/,
    );
  });
  it.each([
    ["larger than the limit, by its header", () => promising(8000, 5001)],
    ["broken", () => promising(8, 9)],
    ["animated, as PNG", animatedPng],
    [
      "animated, as WebP",
      async () =>
        sharp([await framed("#446688"), await framed("#cc2200")], { join: { animated: true } })
          .webp()
          .toBuffer(),
    ],
    [
      "a drawing behind the first bytes of a photograph",
      async () => Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), bomb]),
    ],
  ])("that are %s are refused", async (_, make) => {
    await expect(start().reduce(await make(), here)).rejects.toThrow(/cannot be read/);
  });
  it("are given up at the limits of time and memory", async () => {
    const large = await blank(6000, 6000).png().toBuffer();
    await expect(start({ timeoutMs: 1 }).reduce(large, here)).rejects.toThrow(/too much time or memory/);
    await expect(start({ memoryMb: 1 }).reduce(large, here)).rejects.toThrow(/too much time or memory/);
  });
  it("wait for one of few places, and are refused when too many wait", async () => {
    const small = await blank(64, 64).png().toBuffer();
    start({ atOnce: 1, queue: 2 });
    const three = [1, 2, 3].map(() => pictures.reduce(small, here));
    await expect(pictures.reduce(small, here)).rejects.toMatchObject({ trouble: "queue-full" });
    expect(pictures.running).toBe(1);
    for (const jpeg of await Promise.all(three)) expect(pictureKind(jpeg)).toBe("jpeg");
    expect(pictureKind(await pictures.reduce(small, here))).toBe("jpeg");
  });
  it("end with the client, running or waiting, and leave their place to others", async () => {
    const large = await blank(6000, 6000).png().toBuffer();
    start({ atOnce: 1 });
    const [first, second] = [new AbortController(), new AbortController()];
    const gone = Promise.allSettled([
      pictures.reduce(large, first.signal),
      pictures.reduce(large, second.signal),
    ]);
    const stays = pictures.reduce(large, here);
    await sleep(50);
    second.abort();
    first.abort();
    expect(await gone).toMatchObject([{ reason: { trouble: "gone" } }, { reason: { trouble: "gone" } }]);
    expect(pictureKind(await stays)).toBe("jpeg");
  });
  it("are decoded without the server's environment", async () => {
    const program = join(mkdtempSync(join(tmpdir(), "reducer-")), "tells.mjs");
    writeFileSync(program, "process.stdout.write(JSON.stringify(Object.keys(process.env)))");
    const told = await start({ program }).reduce(await framed("#446688"), here);
    expect(JSON.parse(told.toString())).toEqual([]);
  });
});
