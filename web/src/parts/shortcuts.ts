import { useEffect, useEffectEvent } from "react";
import { type ShortcutKey, shortcutFor, useKeyChoices } from "./shortcut-keys.ts";

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

type FixedKey =
  | "ArrowDown"
  | "ArrowUp"
  | "ArrowLeft"
  | "ArrowRight"
  | "Home"
  | "End"
  | "PageDown"
  | "PageUp"
  | `mod+${string}`;
export type Bindings = { readonly [key in ShortcutKey | FixedKey]?: (() => void) | undefined };

/**
 * Binds keys while a room is shown. Single characters are default keys: the user may have assigned others, or turned them
 * off. They do nothing while a text field has the focus or a dialog is open. "mod+" means Ctrl or Command and always works.
 */
export function useShortcuts(bindings: Bindings): void {
  const onKey = useEffectEvent((event: KeyboardEvent) => {
    const mod = event.ctrlKey || event.metaKey;
    const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    const name = mod
      ? `mod+${event.shiftKey ? "shift+" : ""}${key}`
      : key.length === 1
        ? shortcutFor(useKeyChoices.getState(), key)
        : key;
    const act = name === undefined ? undefined : bindings[name as keyof Bindings];
    if (!act || event.altKey) return;
    if (!mod && (typing(event.target) || document.querySelector("[role=dialog]"))) return;
    event.preventDefault();
    act();
  });
  useEffect(() => {
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, []);
}
