import { type ShortcutKey, useKeyLabel } from "./shortcut-keys.ts";

/** The key of a shortcut beside its button; nothing if shortcuts are turned off. */
export function KeyHint({ shortcut }: { shortcut: ShortcutKey }) {
  const key = useKeyLabel(shortcut);
  return (
    key && (
      <kbd className="ml-1 border border-rule bg-lift px-1 font-mono text-[11px] text-ink not-italic">
        {key}
      </kbd>
    )
  );
}
