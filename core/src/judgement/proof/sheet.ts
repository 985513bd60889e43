import { z } from "zod";
import type { HouseRules } from "../../basis/house/house-rules.ts";
import { type StoredHouseRules, storedHouseRules } from "../../basis/house/versions/kind.ts";
import type { Duty } from "../../duty/statement/duty.ts";
import { storedDutySchema } from "../../duty/versions/kind.ts";
import { type Catalogue, catalogueSchema } from "../../equipment/catalogue/schema.ts";
import { compileShelf } from "../../equipment/catalogue/shelf.ts";
import { catalogueKind } from "../../equipment/catalogue/versions/kind.ts";
import { needsReason } from "../rules/finding.ts";
import type { Rule } from "../rules/rule.ts";
import type { ProvenCandidate } from "./candidate.ts";
import { judgeChoice } from "./choice.ts";
import { type CandidateDescription, describeCandidate } from "./describe.ts";
import { digestOf } from "./digest.ts";
import { engineVersion } from "./engine.ts";
import { sheetKind } from "./versions/kind.ts";

/** Everything the proof of one candidate depends on; the digest is made of exactly this. */
export interface SheetInputs {
  readonly duty: Duty;
  /** Version in force when the sheet was issued, and the rules themselves. */
  readonly houseRules: { readonly version: number; readonly rules: StoredHouseRules };
  /** The chosen line and drive family, at the chosen size. */
  readonly catalogue: Catalogue;
  readonly valve: string;
  readonly drive: string | null;
}

const storedRules = z.strictObject({
  format: z.string().optional(),
  values: z.record(z.string(), z.union([z.number(), z.string()])).optional(),
});

/**
 * Schema of an issued sheet's JSON in its newest format. Documents inside it are updated by their own steps.
 *
 * @returns Zod schema; its JSON Schema is published
 * @source docs/sheet.md
 * @example sheetSchema().safeParse({}).success // → false
 */
export const sheetSchema = () =>
  z.strictObject({
    format: z.literal(sheetKind.newest),
    engine: z.string(),
    revision: z.string(),
    issued: z.strictObject({ at: z.string(), by: z.string() }),
    project: z.string(),
    standards: z.string().describe("Codes and editions of the project, as stated"),
    tag: z.strictObject({ number: z.string(), service: z.string(), unit: z.string() }),
    notes: z.string(),
    override: z.strictObject({ reason: z.string(), by: z.string(), rules: z.array(z.string()) }).nullable(),
    catalogueDigest: z.string().describe("SHA-256 of the whole catalogue the candidate was selected from"),
    considered: z.number().int(),
    standing: z.number().int().describe("Candidates without a fails"),
    cannotTell: z
      .number()
      .int()
      .nullable()
      .describe("Those of standing with a cannot tell; null: not counted"),
    inputs: z.strictObject({
      duty: storedDutySchema,
      houseRules: z.strictObject({
        version: z.number().int(),
        rules: z.union([storedRules, z.record(z.string(), z.union([z.number(), z.string()]))]),
      }),
      catalogue: catalogueKind.reading(catalogueSchema),
      valve: z.string(),
      drive: z.string().nullable(),
    }),
    digest: z.string().describe("SHA-256 of the canonical JSON of inputs"),
    proof: z.record(z.string(), z.unknown()).describe("The selected candidate with every finding"),
  });

export interface Sheet {
  readonly format: string;
  readonly engine: string;
  readonly revision: string;
  readonly issued: { readonly at: string; readonly by: string };
  readonly project: string;
  /** Codes and editions of the project, as it states them; empty where it states none. */
  readonly standards: string;
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
  /** Those of `standing` with a *cannot tell*; null on sheets that did not count them. */
  readonly cannotTell: number | null;
  readonly inputs: SheetInputs;
  readonly digest: string;
  readonly proof: CandidateDescription;
}

/** All accessories of the kinds its actuator needs: the proof shows that no dearer one was needed. */
function accessoriesExtract(
  { accessories }: Catalogue,
  { train, valve }: ProvenCandidate,
): Catalogue["accessories"] {
  if (train.drive === null) return [];
  const wanted = new Set(train.fittings?.places.map(({ kind }) => kind.kind));
  const { pad, stemEnd } = valve.size;
  /** Only the standard parts that fit this pad and this stem. */
  const kept = (family: Catalogue["accessories"][number]) => {
    if (family.kind === "bracket") return family.items.filter((item) => item.lowerFlange === pad);
    if (family.kind === "coupling")
      return family.items.filter(
        (item) => item.socketForm === stemEnd?.form && item.socketAcrossMm === stemEnd.acrossMm,
      );
    return wanted.has(family.kind) ? family.items : [];
  };
  return accessories
    .map((family) => ({ ...family, items: kept(family) }) as typeof family)
    .filter(({ items }) => items.length > 0);
}

/** Trims that fit the size, from which one was selected. */
const trimsFor = (
  { flowTrims }: Catalogue["lines"][number],
  { dn, designation }: ProvenCandidate["valve"]["size"],
) =>
  flowTrims.flatMap((trim) => {
    const sizes = trim.sizes.filter((s) => s.dn === dn && (s.designation ?? designation) === designation);
    return sizes.length === 0 ? [] : [{ ...trim, sizes }];
  });

/**
 * Reduces a catalogue to what one candidate depends on.
 *
 * @param catalogue the whole catalogue
 * @param candidate the chosen candidate
 * @returns a catalogue with one line at one size and class, at most one actuator family at one size, and the
 *   accessories it is selected from
 * @source a sheet must be reproducible on its own
 */
function catalogueExtract(catalogue: Catalogue, candidate: ProvenCandidate): Catalogue {
  const { line, size } = candidate.valve;
  const { drive } = candidate;
  const family = catalogue.drives.find((f) => f.id === drive?.family.id);
  return {
    ...catalogue,
    lines: [{ ...line, sizes: [size], flowTrims: trimsFor(line, size) }],
    drives: family
      ? [
          {
            ...family,
            sizes: (family.sizes as readonly { readonly id: string }[]).filter((s) => s.id === drive!.sizeId),
          } as Catalogue["drives"][number],
        ]
      : [],
    accessories: accessoriesExtract(catalogue, candidate),
  };
}

/**
 * Proves the one candidate a sheet names, from the sheet's inputs alone.
 *
 * @param inputs duty, catalogue extract and keys
 * @param house the house rules it is judged by
 * @param rules all there are, where not given
 * @returns the candidate with its findings, or null when the extract does not hold it
 * @source duty → candidates → findings
 */
export function proveInputs(
  inputs: Pick<SheetInputs, "duty" | "catalogue" | "valve" | "drive">,
  house: HouseRules,
  rules?: readonly Rule[],
): CandidateDescription | null {
  const candidate = judgeChoice(inputs.duty, compileShelf(inputs.catalogue), house, inputs, rules);
  return candidate && describeCandidate(candidate);
}

export interface SheetDetails
  extends Pick<
    Sheet,
    | "revision"
    | "issued"
    | "project"
    | "standards"
    | "tag"
    | "notes"
    | "override"
    | "catalogueDigest"
    | "considered"
    | "standing"
    | "cannotTell"
  > {}

/**
 * What a sheet states about a choice against its proof.
 *
 * @param candidate the chosen candidate
 * @param reason as written, null where none is
 * @param by who overrides
 * @returns reason, name and the rules it overrides; null where the choice needs no reason
 * @source a choice that fails or cannot be judged is never issued without one
 */
export const overrideOf = (
  { verdict, findings }: Pick<ProvenCandidate, "verdict" | "findings">,
  reason: string | null,
  by: string,
): Sheet["override"] =>
  needsReason(verdict)
    ? {
        reason: reason ?? "",
        by,
        rules: findings.filter((f) => needsReason(f.verdict)).map((f) => f.rule),
      }
    : null;

/** Content of a sheet: its proved candidate and everything that proof depended on. */
export interface Drawn {
  readonly duty: Duty;
  readonly house: { readonly version: number; readonly values: HouseRules };
  readonly catalogue: Catalogue;
  readonly candidate: ProvenCandidate;
}

/**
 * Draws up a sheet of a candidate that has been proved.
 *
 * @param drawn the candidate, with duty, house rules and whole catalogue it was proved by
 * @param details revision, signature, tag and notes
 * @returns the sheet with engine version, digest and proof
 * @source docs/sheet.md
 */
export function drawUpSheet({ duty, house, catalogue, candidate }: Drawn, details: SheetDetails): Sheet {
  const inputs: SheetInputs = {
    duty,
    houseRules: { version: house.version, rules: storedHouseRules(house.values) },
    catalogue: catalogueExtract(catalogue, candidate),
    valve: candidate.valve.key,
    drive: candidate.drive?.key ?? null,
  };
  return {
    format: sheetKind.newest,
    engine: engineVersion,
    ...details,
    inputs,
    digest: digestOf(inputs),
    proof: describeCandidate(candidate),
  };
}
