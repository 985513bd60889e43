import { accessSync, constants, createReadStream } from "node:fs";
import type { Readable } from "node:stream";
import chain from "stream-chain";
import { parser } from "stream-json";
import { streamArray } from "stream-json/streamers/stream-array.js";

/** Input that cannot be used at all: not JSON, no such file. */
export class UnusableInput extends Error {}

/**
 * Opens a file, or the given input for "-" and for no name.
 *
 * @throws UnusableInput when the file cannot be read
 */
export function openInput(path: string | undefined, input: Readable): Readable {
  if (path === undefined || path === "-") return input;
  try {
    accessSync(path, constants.R_OK);
  } catch {
    throw new UnusableInput(`The file "${path}" cannot be read.`);
  }
  return createReadStream(path);
}

async function firstCharacter(input: Readable): Promise<string> {
  for (;;) {
    const chunk = input.read() as Buffer | null;
    if (chunk === null) {
      if (input.readableEnded || input.closed) return "";
      await new Promise<void>((resolve, reject) => {
        input.once("readable", resolve).once("end", resolve).once("error", reject);
      });
      if (input.readableEnded) return "";
      continue;
    }
    const text = chunk
      .toString("utf8")
      .replace(/^\uFEFF/, "")
      .trimStart();
    if (text === "") continue;
    input.unshift(chunk);
    return text[0]!;
  }
}

async function wholeText(input: Readable): Promise<string> {
  const chunks: Buffer[] = [];
  for await (const chunk of input) chunks.push(chunk as Buffer);
  return Buffer.concat(chunks)
    .toString("utf8")
    .replace(/^\uFEFF/, "");
}

/** Content of the input: one value, or the elements of an array as they stream by. */
export type Items = { single: true; value: unknown } | { single: false; values: AsyncIterable<unknown> };

/**
 * Reads JSON from a stream. An array is handed over element by element and never held whole.
 * @throws UnusableInput when it is not JSON or cannot be read
 */
export async function readItems(input: Readable): Promise<Items> {
  try {
    const first = await firstCharacter(input);
    if (first !== "[") return { single: true, value: JSON.parse(await wholeText(input)) };
  } catch (error) {
    throw new UnusableInput(`The input is not JSON: ${(error as Error).message}`);
  }
  const elements = chain([input, parser(), streamArray()]);
  input.on("error", (error) => elements.destroy(error));
  async function* values() {
    try {
      for await (const { value } of elements as AsyncIterable<{ value: unknown }>) yield value;
    } catch (error) {
      throw new UnusableInput(`The input is not JSON: ${(error as Error).message}`);
    }
  }
  return { single: false, values: values() };
}
