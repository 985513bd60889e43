import { useDevice } from "./device.ts";

/** Who works on this device: under everything that is done with it. */
export function Who() {
  const who = useDevice((s) => s.who);
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
        onChange={(e) => useDevice.getState().setWho(e.target.value)}
      />
    </label>
  );
}

/** Leads to where it is said who works. */
export function askWho(): void {
  document.getElementById("who-works")?.focus();
}
