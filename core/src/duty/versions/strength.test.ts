import { expect, it } from "vitest";
import { emptyDuty } from "../statement/duty.ts";
import { storedDutySchema } from "./kind.ts";

const written = (format: string | undefined, fluid: Record<string, unknown>) => {
  const { format: _, fluid: newest, ...rest } = emptyDuty;
  const { strengthPercent: __, ...before } = newest;
  return storedDutySchema.parse({ ...rest, ...(format && { format }), fluid: { ...before, ...fluid } });
};

it.each([undefined, "proven-seat-duty/1", "proven-seat-duty/2"])(
  "reads the strength of caustic in a duty of format %s as the strength of the solution",
  (format) => {
    expect(written(format, { causticPercent: 30 }).fluid.strengthPercent).toBe(30);
    expect(written(format, { causticPercent: null }).fluid.strengthPercent).toBeNull();
    expect(written(format, {}).fluid.strengthPercent).toBeNull();
  },
);
it("refuses the old name in the newest format", () => {
  expect(() => written("proven-seat-duty/3", { causticPercent: 30 })).toThrow(/causticPercent/);
});
