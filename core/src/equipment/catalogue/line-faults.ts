import { boltingNamed } from "../../basis/reference/bolting.ts";
import { bodyGrade } from "../../basis/reference/grades.ts";
import { sealMaterial } from "../../basis/reference/seals.ts";
import { seatMaterial } from "../../basis/reference/seats.ts";
import { metals } from "../../basis/reference/suitability.ts";
import type { Construction } from "../../construction/bodies/construction.ts";
import { constructionNamed } from "../../construction/bodies/constructions.ts";
import type { FaultInFile } from "./fault.ts";
import type { ProductLine } from "./schema.ts";
import { rising, sizeFaults } from "./size-faults.ts";

function* bodyFaults(line: ProductLine, construction: Construction): Generator<FaultInFile> {
  for (const [i, { grade }] of line.grades.entries()) {
    if (!bodyGrade(grade))
      yield {
        row: i + 1,
        field: `grades.${i}.grade`,
        reason: `grade "${grade}" is not in the reference table`,
      };
  }
  for (const [i, { arrangement }] of line.cavities.entries()) {
    if (!construction.cavities.includes(arrangement))
      yield {
        row: i + 1,
        field: `cavities.${i}.arrangement`,
        reason: `a ${construction.name.toLowerCase()} is not built with "${arrangement}"; possible are ${construction.cavities.join(", ")}`,
      };
  }
  if (line.sealing === "both ways" && construction.direction === "one way")
    yield {
      row: null,
      field: "sealing",
      reason: `a ${construction.name.toLowerCase()} does not seal both ways`,
    };
  if (!boltingNamed(line.bolting))
    yield { row: null, field: "bolting", reason: `bolting "${line.bolting}" is not in the reference table` };
}

function* seatFaults(line: ProductLine, construction: Construction): Generator<FaultInFile> {
  for (const [i, { seat, curve, execution, shutOff }] of line.seats.entries()) {
    const field = `seats.${i}`;
    if (!seatMaterial(seat))
      yield { row: i + 1, field: `${field}.seat`, reason: `seat "${seat}" is not in the reference table` };
    if (curve && curve.temperatureC.length !== curve.pressureBarG.length) {
      yield {
        row: i + 1,
        field: `${field}.curve`,
        reason: "the number of pressures must equal the number of temperatures",
      };
    }
    if (curve && !rising(curve.temperatureC))
      yield { row: i + 1, field: `${field}.curve.temperatureC`, reason: "temperatures must increase" };
    const kind = seatMaterial(seat)?.kind;
    if (kind && !construction.seatKinds.includes(kind))
      yield {
        row: i + 1,
        field: `${field}.seat`,
        reason: `a ${construction.name.toLowerCase()} cannot have a ${kind} seat`,
      };
    if (execution === "clearance" && construction.rubbing?.by !== "sprung seats")
      yield {
        row: i + 1,
        field: `${field}.execution`,
        reason: `the closing member of a ${construction.name.toLowerCase()} rests on its seat: it cannot have clearance`,
      };
    if (execution === "clearance" && shutOff !== null)
      yield {
        row: i + 1,
        field: `${field}.shutOff`,
        reason: "a clearance seat does not shut off: leave its shut-off class empty",
      };
    if (execution !== null && kind && (execution === "soft ring") !== (kind !== "metal"))
      yield { row: i + 1, field: `${field}.execution`, reason: `a ${kind} seat cannot be a ${execution}` };
    if (!curve && kind === "polymer" && construction.closure !== "ball")
      yield {
        row: i + 1,
        field: `${field}.curve`,
        reason:
          "a seat of another closing member than a ball needs its own curve; the generic curves are for balls",
      };
  }
}

function* kitFaults(line: ProductLine): Generator<FaultInFile> {
  for (const [i, trim] of line.trims.entries()) {
    for (const part of ["ball", "stem", "spring", "coating"] as const) {
      const metal = trim[part];
      if (metal !== null && !metals.includes(metal))
        yield {
          row: i + 1,
          field: `trims.${i}.${part}`,
          reason: `metal "${metal}" is not in the suitability table`,
        };
    }
  }
  for (const [i, set] of line.seals.entries()) {
    const unknown = set.parts.find((part) => !sealMaterial(part.seal));
    if (unknown)
      yield {
        row: i + 1,
        field: `seals.${i}.parts`,
        reason: `seal "${unknown.seal}" is not in the reference table`,
      };
  }
}

function* flowFaults(line: ProductLine): Generator<FaultInFile> {
  const ids = new Set<string>();
  for (const [i, { id, madeIn, sizes }] of line.flowTrims.entries()) {
    const field = `flowTrims.${i}`;
    const unknown = madeIn?.find((material) => line.trims.every((trim) => trim.id !== material));
    if (unknown !== undefined)
      yield { row: i + 1, field: `${field}.madeIn`, reason: `the product line has no trim "${unknown}"` };
    if (ids.has(id)) yield { row: i + 1, field: `${field}.id`, reason: `trim "${id}" occurs twice` };
    ids.add(id);
    const made = new Set<string>();
    for (const [j, { dn, designation }] of sizes.entries()) {
      const known = line.sizes.some(
        (size) => size.dn === dn && (designation === null || size.designation === designation),
      );
      const which = designation === null ? `DN ${dn}` : `DN ${dn} ${designation}`;
      if (!known)
        yield { row: i + 1, field: `${field}.sizes.${j}`, reason: `the product line has no body ${which}` };
      if (made.has(which))
        yield { row: i + 1, field: `${field}.sizes.${j}`, reason: `${which} is stated twice` };
      made.add(which);
    }
  }
}

/**
 * Contradictions of a product line with the reference tables, its construction or within itself.
 *
 * @param line a line of the right shape
 * @returns faults with row and field, one by one
 * @source reference tables; constructions of `bodies/`
 */
export function* lineFaults(line: ProductLine): Generator<FaultInFile> {
  const construction = constructionNamed(line.construction)!;
  yield* bodyFaults(line, construction);
  yield* seatFaults(line, construction);
  yield* kitFaults(line);
  yield* flowFaults(line);
  yield* sizeFaults(line);
}
