import { useEffect } from "react";
import type { Saying } from "./decided.ts";

/** Ctrl Z and Ctrl Shift Z undo and redo decisions about the list. A text field with the focus keeps its own undo. */
export function useStepKeys({ undo, redo }: Pick<Saying, "undo" | "redo">): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== "z") return;
      const { activeElement: focused } = document;
      if (focused instanceof HTMLInputElement && focused.type === "text" && focused.dataset.steps !== "list")
        return;
      event.preventDefault();
      (event.shiftKey ? redo : undo)();
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [undo, redo]);
}
