import { createContext, type ReactNode, useContext, useMemo, useState } from "react";
import { useDevice } from "./device.ts";

const Question = createContext<{
  /** Somebody tried to work without a name. */
  readonly asked: boolean;
  readonly ask: (asked: boolean) => void;
}>({ asked: false, ask: () => undefined });

/** Holds whether the page has to ask for the technician: only after an entry was tried without a name. */
export function SignedPage({ children }: { children: ReactNode }) {
  const [asked, ask] = useState(false);
  return <Question value={useMemo(() => ({ asked, ask }), [asked])}>{children}</Question>;
}

/** Technician on this device: the name under every entry. */
export function Who() {
  const who = useDevice((s) => s.who);
  const { ask } = useContext(Question);
  return (
    <label className="flex min-h-11 items-center gap-2 whitespace-nowrap">
      <span className="text-dim">technician</span>
      <input
        id="who-works"
        className="field min-h-11 border border-rule px-2 w-36"
        value={who}
        maxLength={80}
        autoComplete="name"
        placeholder="name or initials"
        onChange={(e) => {
          ask(false);
          useDevice.getState().setWho(e.target.value);
        }}
      />
    </label>
  );
}

/** Moves the focus to the technician's name; `WhoWanted` shows why. */
export function useAskWho(): () => void {
  const { ask } = useContext(Question);
  return () => {
    ask(true);
    document.getElementById("who-works")?.focus();
  };
}

/** Notice that a technician must be named, at the place of the entry. */
export function WhoWanted() {
  const nobody = useDevice((s) => s.who.trim() === "");
  const { asked } = useContext(Question);
  return (
    asked &&
    nobody && (
      <span role="alert" className="font-semibold text-fails">
        Enter the technician first.
      </span>
    )
  );
}
