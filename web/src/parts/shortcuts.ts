import { useEffect, useRef } from "react";

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));

/**
 * Binds keys while a room is shown. Plain letters are left alone while someone types or a dialog is
 * open; "mod+" means Ctrl or Command and works everywhere.
 */
export function useShortcuts(bindings: Record<string, (() => void) | undefined>): void {
  const current = useRef(bindings);
  current.current = bindings;
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const mod = event.ctrlKey || event.metaKey;
      const name = `${mod ? "mod+" : ""}${event.shiftKey && mod ? "shift+" : ""}${event.key.length === 1 ? event.key.toLowerCase() : event.key}`;
      const act = current.current[name];
      if (!act || event.altKey) return;
      if (!mod && (typing(event.target) || document.querySelector("[role=dialog]"))) return;
      event.preventDefault();
      act();
    };
    window.addEventListener("keydown", listen);
    return () => window.removeEventListener("keydown", listen);
  }, []);
}
