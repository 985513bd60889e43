import { useEffect, useState } from "react";

const load = () => import("./dialogs.ts");
type Dialogs = Awaited<ReturnType<typeof load>>;
export type DialogName = "find or do" | "legend" | "units" | "keys";

/**
 * Which dialog is open in front of the room. They are fetched ahead, so that one opens at once; what is typed before they
 * are there is kept for the one it was typed for, and acts on nothing behind it.
 */
export function useDialogs() {
  const [dialogs, setDialogs] = useState<Dialogs | null>(null);
  const [wanted, setWanted] = useState<DialogName | null>(null);
  const [typed, setTyped] = useState("");
  // Without a server they stay away, and are asked for again when one is wanted.
  const waits = dialogs === null && wanted !== null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: a dialog that is wanted is asked for again
  useEffect(() => {
    if (dialogs !== null) return;
    let current = true;
    load().then(
      (found) => current && setDialogs(found),
      () => current && setWanted(null),
    );
    return () => {
      current = false;
    };
  }, [dialogs, waits]);
  useEffect(() => {
    if (!waits) return;
    const keep = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      event.stopPropagation();
      if (event.key === "Escape") setWanted(null);
      else if (event.key.length === 1) setTyped((text) => text + event.key);
    };
    window.addEventListener("keydown", keep, true);
    return () => window.removeEventListener("keydown", keep, true);
  }, [waits]);
  return {
    dialogs,
    open: dialogs === null ? null : wanted,
    /** What was typed before the dialog was there. */
    typed,
    show: (name: DialogName) => {
      setTyped("");
      setWanted(name);
    },
    close: () => setWanted(null),
  };
}
