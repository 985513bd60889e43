import type { FaultInFile } from "./fault.ts";
import { boltedJoints, boltingFault } from "./joints.ts";
import type { ProductLine } from "./schema.ts";

/**
 * Contradictions in the bolting of a line's pressure joints.
 *
 * @param line a line of the right shape
 * @param size index of the size
 * @returns faults with row and field, one by one
 * @source the construction: only its own bolted joints may be stated, and the gasket of a body joint lies outside the closure
 */
export function* jointFaults(line: ProductLine, size: number): Generator<FaultInFile> {
  const { joints, geometry } = line.sizes[size]!;
  const known = boltedJoints(line);
  const row = size + 1;
  const seen = new Set<string>();
  for (const [i, joint] of joints.entries()) {
    const field = `sizes.${size}.joints.${i}`;
    const piece = known.find(({ id }) => id === joint.bolting);
    if (piece === undefined)
      yield {
        row,
        field: `${field}.bolting`,
        reason: `the construction has no bolted joint "${joint.bolting}"; it has ${known.map(({ id }) => id).join(", ") || "none"}`,
      };
    if (seen.has(joint.bolting))
      yield { row, field: `${field}.bolting`, reason: `"${joint.bolting}" occurs twice` };
    seen.add(joint.bolting);
    if (joint.gasket.meanDiameterMm + joint.gasket.effectiveWidthMm >= joint.boltCircleMm)
      yield {
        row,
        field: `${field}.boltCircleMm`,
        reason: "the bolt circle must be larger than the gasket",
      };
    if (piece?.holds === "the bore" && joint.gasket.meanDiameterMm <= geometry.closureDiameterMm)
      yield {
        row,
        field: `${field}.gasket.meanDiameterMm`,
        reason: "the gasket of a body joint lies outside the closure, so its diameter must be larger",
      };
    const fault = boltingFault(joint, line);
    if (fault !== null) yield { row, field: `${field}.${fault.field}`, reason: fault.reason };
  }
}
