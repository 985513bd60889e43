import type { Problem, SheetRow, Tag } from "@proven-seat/contract";
import { type Answer, editable, type TestServer } from "./api.ts";

export interface Proved {
  candidates: { key: string; verdict: string; valve: { key: string }; drive: { key: string } | null }[];
}

/** Chooses the best candidate of a tag and saves it. */
export async function chooseBest(
  server: TestServer,
  number: string,
  overrideReason: string | null = null,
): Promise<Tag> {
  const tag = await server.tagNamed(number);
  const { body } = await server.ask<Proved>("POST", "/api/prove", { duty: tag.duty, limit: 1 });
  const picked = body.candidates[0]!;
  const choice = {
    valve: picked.valve.key,
    drive: picked.drive?.key ?? null,
    notes: "Painted to the plant's own colour – Δ ≤ ≥ ₂",
    overrideReason,
  };
  return (await server.ask<Tag>("PUT", `/api/tags/${tag.id}`, { ...editable(tag), choice })).body;
}

/** Asks for the next revision of a tag's sheet. */
export const issueOf = (server: TestServer, tag: Tag): Promise<Answer<SheetRow & Problem>> =>
  server.ask("POST", `/api/tags/${tag.id}/sheets`, { version: tag.version });
