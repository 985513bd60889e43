import type { HouseRules } from "@proven-seat/core/basis/house";
import { readHouseRules } from "@proven-seat/core/basis/house";
import type { Duty } from "@proven-seat/core/duty";
import { storedDutySchema } from "@proven-seat/core/duty";
import type { Catalogue } from "@proven-seat/core/equipment/catalogue";
import { catalogueKind } from "@proven-seat/core/equipment/catalogue";

/** The duty of a record, in any version. */
export const dutyOf = ({ duty }: { readonly duty: unknown }): Duty => storedDutySchema.parse(duty);

/** House rules of a record; a rule added since then has its default. */
export const houseRulesOf = ({ content }: { readonly content: unknown }): HouseRules =>
  readHouseRules(content).values;

/** The catalogue of a record, in any version. */
export function catalogueOf({ content }: { readonly content: unknown }): Catalogue {
  const brought = catalogueKind.upcast(content);
  if ("code" in brought) throw new Error(brought.message);
  return brought.document as unknown as Catalogue;
}
