import {
  type ColumnMapping,
  type CsvTable,
  lineListField,
  lineListFields,
  unitChoices,
  unitFor,
} from "@proven-seat/core/line-list";

const previewRows = 8;

interface Props {
  table: CsvTable;
  mapping: readonly ColumnMapping[];
  onRemap: (at: number, change: Partial<ColumnMapping>) => void;
}

/** Where each column of a list goes and in what unit, with the first rows below. */
export function Columns({ table, mapping, onRemap }: Props) {
  return (
    <>
      <h2 className="mt-3">Columns</h2>
      <p className="text-dim">
        Guessed from the headings; correct what is wrong. A column that goes nowhere is left out.
      </p>
      <div className="mt-2 overflow-x-auto pb-2">
        <table className="border-collapse text-left" tabIndex={0}>
          <thead>
            <tr>
              {table.headings.map((heading, at) => (
                <th
                  key={heading || at}
                  scope="col"
                  className="min-w-32 border-b border-rule pr-4 pb-1 align-top font-semibold"
                >
                  {heading || "(no heading)"}
                  <select
                    className={`field mt-1 border-b-rule! ${mapping[at]?.field ? "" : "text-tight!"}`}
                    aria-label={`Column ${heading} goes to`}
                    value={mapping[at]?.field ?? ""}
                    onChange={(e) => {
                      const field = lineListField(e.target.value);
                      onRemap(at, {
                        field: field?.id ?? null,
                        unit: field ? unitFor(field, heading) : null,
                      });
                    }}
                  >
                    <option value="">left out</option>
                    {lineListFields.map((f) => (
                      <option key={f.id} value={f.id}>
                        {f.label}
                      </option>
                    ))}
                  </select>
                  {unitChoices(mapping[at]?.field ?? null).length > 0 && (
                    <select
                      className="field mt-0.5 border-b-rule!"
                      aria-label={`Unit of column ${heading}`}
                      value={mapping[at]?.unit ?? ""}
                      onChange={(e) => onRemap(at, { unit: e.target.value })}
                    >
                      {unitChoices(mapping[at]!.field).map((unit) => (
                        <option key={unit}>{unit}</option>
                      ))}
                    </select>
                  )}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.slice(0, previewRows).map((row, r) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: rows of a file have no other identity
              <tr key={r}>
                {table.headings.map((heading, at) => (
                  <td key={heading || at} className="max-w-48 truncate border-b border-rule/60 pr-4">
                    {row[at] ?? ""}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
}
