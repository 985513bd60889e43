import { useState } from "react";
import { actingKey, allPlainKeys, keyTrouble, type PlainKey, plainKeys, useKeys } from "../parts/keys.ts";
import { SheetDialog } from "../parts/sheet-dialog.tsx";

function KeyRow({ usual }: { usual: PlainKey }) {
  const keys = useKeys();
  const acting = actingKey(keys, usual);
  const [refused, setRefused] = useState<string | null>(null);
  const troubleId = `trouble-with-key-${usual}`;
  const take = (typed: string) => {
    const wanted = ([...typed].at(-1) ?? "").toLowerCase();
    const trouble = keyTrouble(keys, usual, wanted);
    setRefused(trouble);
    if (trouble !== null) return;
    const { [usual]: _, ...others } = keys.changed;
    keys.set({ changed: wanted === usual ? others : { ...others, [usual]: wanted } });
  };
  return (
    <li className="grid break-inside-avoid grid-cols-[3rem_1fr] items-baseline gap-3 border-b border-rule/60 py-[3px]">
      <input
        aria-label={`key: ${plainKeys[usual]}`}
        aria-invalid={refused !== null}
        aria-describedby={refused === null ? undefined : troubleId}
        className="field text-center font-mono uppercase"
        disabled={!keys.on}
        value={acting}
        onFocus={(e) => e.target.select()}
        onChange={(e) => take(e.target.value)}
        onBlur={() => setRefused(null)}
      />
      <span>
        {plainKeys[usual]}
        {acting !== usual && <span className="text-dim"> (usually {usual.toUpperCase()})</span>}
        {refused !== null && (
          <span id={troubleId} role="alert" className="block text-fails">
            {refused}
          </span>
        )}
      </span>
    </li>
  );
}

/** Which single characters act while nobody types: each can be another one, and all can be switched off. */
export default function KeysDialog({ onClose }: { onClose: () => void }) {
  const { on, changed, set } = useKeys();
  return (
    <SheetDialog
      open
      onClose={onClose}
      title="Keys"
      says="Single characters act while nobody types. Arrows, Escape and keys with Ctrl stay as they are. Kept on this device."
      wide
    >
      <p className="mb-3 flex items-center gap-4">
        <label className="flex items-center gap-1.5">
          <input type="checkbox" checked={on} onChange={(e) => set({ on: e.target.checked })} />
          single characters act
        </label>
        <button
          type="button"
          className="quiet ml-auto"
          disabled={Object.keys(changed).length === 0}
          onClick={() => set({ changed: {} })}
        >
          all as usual
        </button>
      </p>
      <ul className="columns-2 gap-8">
        {allPlainKeys.map((usual) => (
          <KeyRow key={usual} usual={usual} />
        ))}
      </ul>
    </SheetDialog>
  );
}
