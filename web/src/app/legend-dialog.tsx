import { Legend } from "../parts/legend.tsx";
import { SheetDialog } from "../parts/sheet-dialog.tsx";

/** Meaning of the marks, and of results. */
export default function LegendDialog({
  onClose,
  onShortcuts,
}: {
  onClose: () => void;
  onShortcuts: () => void;
}) {
  return (
    <SheetDialog
      open
      onClose={onClose}
      title="Legend"
      says="Every mark is the end view of a quarter-turn ball."
    >
      <Legend explained />
      <p className="mt-4">
        <button type="button" className="quiet" onClick={onShortcuts}>
          Change or turn off keyboard shortcuts
        </button>
      </p>
      <p className="mt-4 text-dim">
        The results are an engineering aid. Reference data are indicative. Check them against the code edition
        of the project and the maker's certified data.
      </p>
    </SheetDialog>
  );
}
