import type { Document, VersionStep } from "../../../basis/versions/kind.ts";
import { arrangementOf } from "../../../equipment/catalogue/versions/2-dimensions-and-arrangements.ts";

/** A valve's key gained the arrangement of its cavity, between the body's grade and the trim. */
export const cavityInTheKey: VersionStep = {
  to: 2,
  says: "The key of a valve names its cavity arrangement.",
  upcast: (sheet) => {
    const inputs = (sheet.inputs ?? {}) as Document;
    const [line] = ((inputs.catalogue as Document | undefined)?.lines ?? []) as Parameters<
      typeof arrangementOf
    >[0][];
    if (line === undefined || typeof inputs.valve !== "string") return sheet;
    const [id, dn, designation, grade, ...rest] = inputs.valve.split("|");
    const valve = [id, dn, designation, grade, arrangementOf(line), ...rest].join("|");
    return { ...sheet, inputs: { ...inputs, valve }, proof: renamed(sheet.proof, inputs.valve, valve) };
  },
};

/** The proof's own keys are renamed too, so that a new proof is compared with the same candidate. */
function renamed(proof: unknown, from: string, to: string): unknown {
  const { key, valve, ...rest } = (proof ?? {}) as Document;
  return {
    ...rest,
    key: typeof key === "string" ? key.replace(from, to) : key,
    valve: { ...(valve as Document), key: to },
  };
}
