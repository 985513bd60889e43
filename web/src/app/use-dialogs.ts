import { useEffect, useState } from "react";

const fetchDialogs = () => import("./dialogs.ts");
type Dialogs = Awaited<ReturnType<typeof fetchDialogs>>;
export type DialogName = "search or run a command" | "legend" | "units" | "shortcuts";

/**
 * The dialog that is open in front of the room. The dialogs are fetched when the page starts, so that they open at once
 * later. Keys typed before the code arrives go to the dialog and not to the room behind it.
 *
 * @param load fetches the code of the dialogs
 */
export function useDialogs(load: () => Promise<Dialogs> = fetchDialogs) {
  const [dialogs, setDialogs] = useState<Dialogs | null>(null);
  const [wanted, setWanted] = useState<DialogName | null>(null);
  const [typed, setTyped] = useState("");
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    // If this fails, opening a dialog tries again and reports the failure.
    load().then(setDialogs, () => undefined);
  }, [load]);
  const waiting = dialogs === null && wanted !== null;
  useEffect(() => {
    if (!waiting) return;
    const keep = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      event.preventDefault();
      event.stopPropagation();
      if (event.key === "Escape") setWanted(null);
      else if (event.key.length === 1) setTyped((text) => text + event.key);
    };
    window.addEventListener("keydown", keep, true);
    return () => window.removeEventListener("keydown", keep, true);
  }, [waiting]);
  return {
    dialogs,
    open: dialogs === null ? null : wanted,
    /** Text typed before the dialog opened. */
    typed,
    /** The last dialog asked for could not be fetched. */
    failed,
    show: (name: DialogName) => {
      setTyped("");
      setFailed(false);
      setWanted(name);
      if (dialogs !== null) return;
      load().then(setDialogs, () => {
        setWanted(null);
        setFailed(true);
      });
    },
    close: () => setWanted(null),
  };
}
