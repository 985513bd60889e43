import type { ImportResult } from "@proven-seat/contract";

/** Reports what the last import changed. */
export function ImportedNote({ added, updated, unchanged, removed }: ImportResult) {
  return (
    <span className="text-holds" role="status">
      imported: {added} added, {updated} updated, {unchanged} unchanged
      {removed > 0 && `, ${removed} removed`}
    </span>
  );
}
