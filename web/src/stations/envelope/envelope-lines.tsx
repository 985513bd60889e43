import type { Envelope } from "@proven-seat/core/judgement/proof";
import type { LimitedPart } from "@proven-seat/core/judgement/rules";
import { LineKey } from "../../parts/line-key.tsx";

/** How the limits are drawn, in the picture and in its key. */
export const limitDashes: Readonly<Partial<Record<LimitedPart, number[]>>> = { seat: [7, 3], ends: [2, 2] };

export function EnvelopeLegend({ envelope }: { envelope: Envelope }) {
  return (
    <LineKey
      lines={envelope.lines.map((l) => ({
        name: l.name,
        width: 1.2,
        dashes: (limitDashes[l.part] ?? []).join(" ") || undefined,
        colour: "var(--ink)",
      }))}
    />
  );
}
