import { useState } from "react";
import { SheetDialog } from "../parts/sheet-dialog.tsx";
import {
  assignedKey,
  keyTrouble,
  type ShortcutKey,
  shortcutKeyList,
  shortcutKeys,
  useKeyChoices,
} from "../parts/shortcut-keys.ts";

function ShortcutRow({ shortcut }: { shortcut: ShortcutKey }) {
  const choices = useKeyChoices();
  const key = assignedKey(choices, shortcut);
  const [trouble, setTrouble] = useState<string | null>(null);
  const troubleId = `trouble-with-key-${shortcut}`;
  const assign = (typed: string) => {
    const wanted = ([...typed].at(-1) ?? "").toLowerCase();
    const refused = keyTrouble(choices, shortcut, wanted);
    setTrouble(refused);
    if (refused !== null) return;
    const { [shortcut]: _, ...others } = choices.changed;
    choices.set({ changed: wanted === shortcut ? others : { ...others, [shortcut]: wanted } });
  };
  return (
    <li className="grid break-inside-avoid grid-cols-[3rem_1fr] items-baseline gap-3 border-b border-rule/60 py-[3px]">
      <input
        aria-label={`key: ${shortcutKeys[shortcut]}`}
        aria-invalid={trouble !== null}
        aria-describedby={trouble === null ? undefined : troubleId}
        className="field text-center font-mono uppercase"
        disabled={!choices.on}
        value={key}
        onFocus={(event) => event.target.select()}
        onChange={(event) => assign(event.target.value)}
        onBlur={() => setTrouble(null)}
      />
      <span>
        {shortcutKeys[shortcut]}
        {key !== shortcut && <span className="text-dim"> (default {shortcut.toUpperCase()})</span>}
        {trouble !== null && (
          <span id={troubleId} role="alert" className="block text-fails">
            {trouble}
          </span>
        )}
      </span>
    </li>
  );
}

/** Changes the single-character shortcuts, or turns them off. */
export default function ShortcutsDialog({ onClose }: { onClose: () => void }) {
  const { on, changed, set } = useKeyChoices();
  return (
    <SheetDialog
      open
      onClose={onClose}
      title="Keyboard shortcuts"
      says="These keys work while no text field has the focus. Arrow keys, Escape and Ctrl shortcuts cannot be changed. Saved on this device."
      wide
    >
      <p className="mb-3 flex items-center gap-4">
        <label className="flex items-center gap-1.5">
          <input type="checkbox" checked={on} onChange={(event) => set({ on: event.target.checked })} />
          Use single-character shortcuts
        </label>
        <button
          type="button"
          className="quiet ml-auto"
          disabled={Object.keys(changed).length === 0}
          onClick={() => set({ changed: {} })}
        >
          Reset to defaults
        </button>
      </p>
      <ul className="columns-2 gap-8">
        {shortcutKeyList.map((shortcut) => (
          <ShortcutRow key={shortcut} shortcut={shortcut} />
        ))}
      </ul>
    </SheetDialog>
  );
}
