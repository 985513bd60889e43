import type { Tag } from "@proven-seat/contract";
import { useBench } from "../../bench/bench-store.ts";
import { contentOf } from "../../bench/content.ts";
import { differencesBetween } from "../../bench/differences.ts";
import { dropDraft } from "../../bench/drafts.ts";
import { saveNow } from "../../bench/saving.ts";
import { hour } from "../../parts/dates.ts";
import { SheetDialog } from "../../parts/sheet-dialog.tsx";

/** Two users changed the same tag: both versions side by side, and one choice. */
export function StaleDialog({ current, onClose }: { current: Tag; onClose: () => void }) {
  const content = useBench((s) => s.content!);
  const differences = differencesBetween(content, contentOf(current));
  const keepMine = () => {
    useBench.getState().setSave({ kind: "unsaved" }, current.version);
    onClose();
    void saveNow();
  };
  const takeTheirs = () => {
    dropDraft(current.id);
    useBench.getState().open(current, null);
    onClose();
  };
  return (
    <SheetDialog
      open
      wide
      onClose={onClose}
      title="This tag was changed while you edited it"
      says={`${current.updatedBy} saved version ${current.version} at ${hour(current.updatedAt)}. Your changes are kept on this device until you decide.`}
    >
      <table className="w-full text-left">
        <thead className="text-dim">
          <tr className="border-b border-rule">
            <th className="font-normal">field</th>
            <th className="font-normal">yours</th>
            <th className="font-normal">theirs</th>
          </tr>
        </thead>
        <tbody>
          {differences.map((d) => (
            <tr key={d.path} className="border-b border-rule/60 align-top">
              <td className="pr-3 text-dim">{d.path}</td>
              <td className="pr-3 font-semibold break-words">{d.yours}</td>
              <td className="break-words">{d.theirs}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {differences.length === 0 && <p>Both versions say the same.</p>}
      <div className="mt-4 flex gap-3">
        <button type="button" className="act-first" onClick={keepMine}>
          Keep my version
        </button>
        <button type="button" className="act" onClick={takeTheirs}>
          Use their version, discard mine
        </button>
        <button type="button" className="act" onClick={onClose}>
          Decide later
        </button>
      </div>
    </SheetDialog>
  );
}
