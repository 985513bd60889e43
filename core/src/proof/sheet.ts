import { z } from "zod";
import { type Catalogue, catalogueSchema } from "../catalogue/schema.ts";
import { compileShelf } from "../catalogue/shelf.ts";
import { dutySchema } from "../duty/duty.ts";
import { type HouseRules, houseRulesSchema } from "../house/house-rules.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { type CandidateDescription, describeCandidate } from "./describe.ts";
import { digestOf } from "./digest.ts";
import { engineVersion } from "./engine.ts";
import { prover } from "./prove.ts";

export const sheetFormat = "proven-seat-sheet/2";

/** Everything the proof of one candidate hangs on; the digest is made of exactly this. */
export interface SheetInputs {
  readonly duty: z.infer<typeof dutySchema>;
  readonly houseRules: { readonly version: number; readonly values: HouseRules };
  /** The chosen line and drive family, at the chosen size. */
  readonly catalogue: Catalogue;
  readonly valve: string;
  readonly drive: string | null;
}

/**
 * Schema of an issued sheet's JSON.
 *
 * @returns Zod schema; its JSON Schema is published
 * @throws never
 * @source sheet format proven-seat-sheet/2 (docs/sheet.md)
 * @example sheetSchema().safeParse({}).success // → false
 */
export const sheetSchema = () =>
  z.strictObject({
    format: z.literal(sheetFormat),
    engine: z.string(),
    revision: z.string(),
    issued: z.strictObject({ at: z.string(), by: z.string() }),
    project: z.string(),
    tag: z.strictObject({ number: z.string(), service: z.string(), unit: z.string() }),
    notes: z.string(),
    override: z.strictObject({ reason: z.string(), by: z.string(), rules: z.array(z.string()) }).nullable(),
    catalogueDigest: z.string().describe("SHA-256 of the whole catalogue the candidate was chosen from"),
    considered: z.number().int(),
    standing: z.number().int(),
    inputs: z.strictObject({
      duty: dutySchema,
      houseRules: z.strictObject({ version: z.number().int(), values: houseRulesSchema() }),
      catalogue: catalogueSchema,
      valve: z.string(),
      drive: z.string().nullable(),
    }),
    digest: z.string().describe("SHA-256 of the canonical JSON of inputs"),
    proof: z.record(z.string(), z.unknown()).describe("The chosen candidate with every finding"),
  });

export interface Sheet {
  readonly format: typeof sheetFormat;
  readonly engine: string;
  readonly revision: string;
  readonly issued: { readonly at: string; readonly by: string };
  readonly project: string;
  readonly tag: { readonly number: string; readonly service: string; readonly unit: string };
  readonly notes: string;
  readonly override: {
    readonly reason: string;
    readonly by: string;
    readonly rules: readonly string[];
  } | null;
  readonly catalogueDigest: string;
  readonly considered: number;
  readonly standing: number;
  readonly inputs: SheetInputs;
  readonly digest: string;
  readonly proof: CandidateDescription;
}

/**
 * Cuts a catalogue down to what one candidate hangs on.
 *
 * @param catalogue the whole catalogue
 * @param candidate the chosen candidate
 * @returns a catalogue with one line at one size and class, and at most one drive family at one size
 * @throws never
 * @source a sheet must be reproducible on its own
 * @example catalogueExtract(catalogue, candidate).lines.length // → 1
 */
export function catalogueExtract(catalogue: Catalogue, candidate: ProvenCandidate): Catalogue {
  const { line, size } = candidate.valve;
  const { drive } = candidate;
  const family = drive?.family;
  return {
    ...catalogue,
    lines: [{ ...line, sizes: [size] }],
    drives: family
      ? [
          {
            ...family,
            sizes: (family.sizes as { id: string }[]).filter((s) => s.id === drive!.sizeId),
          } as Catalogue["drives"][number],
        ]
      : [],
  };
}

/**
 * Proves the one candidate a sheet names, from the sheet's inputs alone.
 *
 * @param inputs duty, house rules, catalogue extract and keys
 * @returns the candidate with its findings, or null when the extract does not hold it
 * @throws never for checked inputs
 * @source duty → candidates → findings
 * @example proveInputs(sheet.inputs)?.verdict
 */
export function proveInputs(inputs: SheetInputs): CandidateDescription | null {
  const shelf = compileShelf(inputs.catalogue);
  const one = prover(inputs.duty, shelf, inputs.houseRules.values);
  const valve =
    inputs.duty.dn === null ? undefined : shelf.valvesFor(inputs.duty.dn).find((v) => v.key === inputs.valve);
  const drive =
    inputs.drive === null
      ? null
      : shelf.families.flatMap((f) => f.drives).find((d) => d.key === inputs.drive);
  if (!valve || drive === undefined) return null;
  return describeCandidate(one.judge(valve, drive));
}

export interface SheetDetails
  extends Pick<
    Sheet,
    | "revision"
    | "issued"
    | "project"
    | "tag"
    | "notes"
    | "override"
    | "catalogueDigest"
    | "considered"
    | "standing"
  > {}

/**
 * Draws up a sheet from its inputs.
 *
 * @param inputs what the proof hangs on
 * @param details revision, signature, tag and notes
 * @returns the sheet with engine version, digest and proof
 * @throws Error when the catalogue extract does not hold the named candidate
 * @source sheet format proven-seat-sheet/2
 * @example drawUpSheet(inputs, details).digest.length
 */
export function drawUpSheet(inputs: SheetInputs, details: SheetDetails): Sheet {
  const proof = proveInputs(inputs);
  if (!proof) throw new Error("The catalogue extract does not hold the chosen valve and drive.");
  return { format: sheetFormat, engine: engineVersion, ...details, inputs, digest: digestOf(inputs), proof };
}
