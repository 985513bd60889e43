import { z } from "zod";
import { defaultHouseRules, type HouseRules, houseRulesSchema } from "../../basis/house/house-rules.ts";
import { constructions } from "../../construction/bodies/constructions.ts";
import { storedDutySchema } from "../../duty/versions/kind.ts";
import { readCatalogueDocument } from "../../equipment/catalogue/check.ts";
import { compileShelf, type Shelf } from "../../equipment/catalogue/shelf.ts";
import { byConstruction } from "../by-construction/by-construction.ts";
import { describeCandidate, describeProof, details, type ProofDescription } from "../proof/describe.ts";
import { prove } from "../proof/prove.ts";
import { orders } from "../proof/rank.ts";

/**
 * Schema of the document `prove` takes: a duty, and optionally a catalogue, house rules, order and limit.
 *
 * @returns Zod schema; `catalogue` is checked on its own so that faults keep their place
 * @source duty in, ranked candidates with findings out
 * @example proveRequestSchema().safeParse({ duty: {} }).success // → true
 */
export const proveRequestSchema = () =>
  z
    .strictObject({
      duty: storedDutySchema,
      houseRules: z
        .record(z.string(), z.union([z.number(), z.string()]))
        .optional()
        .describe("House rules that differ from the defaults"),
      order: z.enum(orders).optional(),
      limit: z
        .number()
        .int()
        .min(1)
        .default(mostPrinted)
        .describe("Number of candidates to print, best first: at most 500 full, 5 000 grave, 20 000 brief"),
      detail: z
        .enum(details)
        .default("full")
        .describe(
          "Detail of each candidate: counts only (brief), also findings that do not hold (grave), or every finding",
        ),
      standingOnly: z
        .boolean()
        .default(false)
        .describe("Only suitable candidates (no fails and no cannot tell)"),
      byConstruction: z
        .boolean()
        .default(false)
        .describe("Also what each construction could be built as, independent of the makers"),
      catalogue: z
        .unknown()
        .optional()
        .describe("A catalogue document (proven-seat-catalogue/9); the current catalogue if omitted"),
    })
    .superRefine(({ limit, detail }, context) => {
      if (limit > maximumCandidates[detail])
        context.addIssue({
          code: "custom",
          path: ["limit"],
          message: `With detail "${detail}" at most ${maximumCandidates[detail]} candidates are printed. Ask for fewer candidates or less detail.`,
        });
    });

/** Most candidates printed: an answer above some ten megabytes is of no use to a reader. */
const maximumCandidates: Readonly<Record<(typeof details)[number], number>> = {
  full: 500,
  grave: 5000,
  brief: 20_000,
};

/** Candidates printed unless asked otherwise: each carries every finding, and thousands would be no answer. */
const mostPrinted = 50;

export interface RequestFailure {
  readonly error: { readonly code: string; readonly message: string; readonly field?: string };
}

const refuse = (code: string, message: string, field: string): RequestFailure => ({
  error: { code, message, field },
});

/**
 * Proves a request.
 *
 * @param request anything; checked against `proveRequestSchema`
 * @param current shelf and house rules used where the request brings none
 * @returns the described proof, or `{ error }` with code, message and field
 * @throws only on a defect of the program
 * @source duty → candidates → findings → proof
 */
export function proveRequest(
  request: unknown,
  current: { shelf: Shelf; house: HouseRules },
): ProofDescription | RequestFailure {
  const parsed = proveRequestSchema().safeParse(request);
  if (!parsed.success) {
    const issue = parsed.error.issues[0]!;
    return refuse("invalid-duty", issue.message, issue.path.join("."));
  }
  const { duty, order, limit, detail, standingOnly, houseRules, catalogue } = parsed.data;
  let { shelf, house } = current;
  if (houseRules) {
    const merged = houseRulesSchema().safeParse({ ...defaultHouseRules(), ...houseRules });
    if (!merged.success) {
      const issue = merged.error.issues[0]!;
      return refuse("invalid-house-rules", issue.message, ["houseRules", ...issue.path].join("."));
    }
    house = merged.data;
  }
  if (catalogue !== undefined) {
    const reading = readCatalogueDocument(catalogue);
    if (!reading.catalogue) {
      const fault = reading.faults[0]!;
      return refuse(
        "invalid-catalogue",
        `${fault.file}, ${fault.field}: ${fault.reason}`,
        `catalogue.${fault.field}`,
      );
    }
    shelf = compileShelf(reading.catalogue);
  }
  const described = describeProof(prove(duty, shelf, house, order), { most: limit, detail, standingOnly });
  if (!parsed.data.byConstruction) return described;
  const built = constructions.flatMap((construction) => {
    const found = byConstruction(construction, duty, house);
    return found === null ? [] : [found];
  });
  return {
    ...described,
    byConstruction: built.map(({ construction, candidate, failing }) => ({
      construction: construction.id,
      name: construction.name,
      stands: failing.length === 0,
      failing: failing.map((f) => f.rule),
      candidate: describeCandidate(candidate, detail),
    })),
  };
}
