import type { HouseRules } from "@proven-seat/core/basis/house";
import { proveRequest } from "@proven-seat/core/judgement/request";
import { asBytes } from "../bytes.ts";
import { type HeldCatalogue, shelfHeld } from "../held.ts";

/** Proves a request; the answer leaves the worker as the bytes that are sent. */
export function prove(asked: {
  readonly body: unknown;
  readonly catalogue: HeldCatalogue;
  readonly house: HouseRules;
}) {
  const result = proveRequest(asked.body, { shelf: shelfHeld(asked.catalogue), house: asked.house });
  return "error" in result ? { fault: result.error } : { bytes: asBytes(JSON.stringify(result)) };
}
