import {
  type ColumnPlan,
  isUnsure,
  lineListField,
  lineListFields,
  unitChoices,
  unitSaid,
} from "@proven-seat/core/duty/line-list";
import type { ListHead } from "../../workers/list-api.ts";

interface Props {
  head: ListHead;
  plan: readonly ColumnPlan[];
  onRemap: (column: number, change: Partial<ColumnPlan>) => void;
}

const common = lineListFields.filter(({ kind }) => kind === null);
const ofKinds = lineListFields.filter(({ kind }) => kind !== null);

/** Place and unit of each column, with confidence, and its first rows. */
export function Columns({ head, plan, onRemap }: Props) {
  const unsure = plan.filter(isUnsure).length;
  return (
    <section aria-label="Columns">
      <h2 className="mt-4">
        Columns{" "}
        <span className="font-normal text-dim">
          {plan.filter(({ field }) => field !== null).length} of {plan.length} mapped
          {unsure > 0 && <span className="text-tight">, {unsure} to check</span>}
        </span>
      </h2>
      <p className="text-dim">
        Recognised by headings, units and values. Columns without a field are kept as remarks of the tag.
      </p>
      <div className="mt-2 overflow-x-auto pb-2">
        <table className="border-collapse text-left" tabIndex={0}>
          <thead>
            <tr>
              {plan.map(({ heading, field, unit, doubt }, index) => {
                const named = heading || `column ${index + 1}`;
                const doubtful = isUnsure(plan[index]!);
                return (
                  <th
                    // biome-ignore lint/suspicious/noArrayIndexKey: columns of a file have no other identity
                    key={index}
                    scope="col"
                    className="min-w-36 max-w-56 border-b border-rule pr-4 pb-1 align-top font-semibold"
                  >
                    <span className="block truncate" title={heading}>
                      {heading || <span className="text-dim">(no heading)</span>}
                    </span>
                    <select
                      className={`field mt-1 border-b-rule! ${field === null ? "text-dim!" : ""} ${doubtful ? "border-b-tight! text-tight!" : ""}`}
                      aria-label={`Field for column ${named}`}
                      value={field ?? ""}
                      onChange={(e) => {
                        const to = lineListField(e.target.value);
                        onRemap(index, {
                          field: to?.id ?? null,
                          unit: to ? unitSaid(to, heading, head.units[index] ?? "").unit : null,
                        });
                      }}
                    >
                      <option value="">remarks</option>
                      <optgroup label="Tag and its case">
                        {common.map((f) => (
                          <option key={f.id} value={f.id}>
                            {f.label}
                          </option>
                        ))}
                      </optgroup>
                      <optgroup label="One kind of case">
                        {ofKinds.map((f) => (
                          <option key={f.id} value={f.id}>
                            {f.label}
                          </option>
                        ))}
                      </optgroup>
                    </select>
                    {unitChoices(field).length > 0 && (
                      <select
                        className="field mt-0.5 border-b-rule!"
                        aria-label={`Unit of column ${named}`}
                        value={unit ?? ""}
                        onChange={(e) =>
                          onRemap(index, { field, unit: e.target.value === "" ? null : e.target.value })
                        }
                      >
                        {unit === null && <option value="">as written</option>}
                        {unitChoices(field).map((unit) => (
                          <option key={unit}>{unit}</option>
                        ))}
                      </select>
                    )}
                    {doubt && <span className="block text-[12px] font-normal text-tight">{doubt}</span>}
                  </th>
                );
              })}
            </tr>
          </thead>
          <tbody>
            {head.preview.map((row, r) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: rows of a file have no other identity
              <tr key={r}>
                {plan.map((_, index) => (
                  // biome-ignore lint/suspicious/noArrayIndexKey: columns of a file have no other identity
                  <td key={index} className="max-w-56 truncate border-b border-rule/60 pr-4">
                    {row[index] ?? ""}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
