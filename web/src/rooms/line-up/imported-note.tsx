import type { ImportResult } from "@proven-seat/contract";

/** What a list that was just imported did to the project. */
export function ImportedNote({ added, updated, unchanged, removed }: ImportResult) {
  return (
    <span className="text-holds" role="status">
      imported: {added} added, {updated} updated, {unchanged} unchanged
      {removed > 0 && `, ${removed} removed`}
    </span>
  );
}
