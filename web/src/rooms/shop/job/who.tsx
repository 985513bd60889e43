import { useEffect } from "react";
import { create } from "zustand";
import { useDevice } from "./device.ts";

/** Whether somebody wanted to do something before it was said who works. */
const useWanted = create(() => ({ wanted: false }));

/** Who works on this device: under everything that is done with it. */
export function Who() {
  const who = useDevice((s) => s.who);
  // A page begins without the question, whatever was pressed on the one before.
  useEffect(() => useWanted.setState({ wanted: false }), []);
  return (
    <label className="flex min-h-11 items-center gap-2 whitespace-nowrap">
      <span className="text-dim">who works</span>
      <input
        id="who-works"
        className="field min-h-11 border border-rule px-2 w-36"
        value={who}
        maxLength={80}
        autoComplete="name"
        placeholder="name or initials"
        onChange={(e) => {
          useWanted.setState({ wanted: false });
          useDevice.getState().setWho(e.target.value);
        }}
      />
    </label>
  );
}

/** Leads to where it is said who works; `WhoWanted` says why. */
export function askWho(): void {
  useWanted.setState({ wanted: true });
  document.getElementById("who-works")?.focus();
}

/** Says that nothing is done before somebody works, where it was tried. */
export function WhoWanted() {
  const nobody = useDevice((s) => s.who.trim() === "");
  const { wanted } = useWanted();
  return (
    wanted &&
    nobody && (
      <span role="alert" className="font-semibold text-fails">
        Say who works first, above.
      </span>
    )
  );
}
