import { type PlainKey, useShownKey } from "./keys.ts";

/** The key of an action shown where it acts, as this reader has it; nothing where single keys are switched off. */
export function KeyHint({ of }: { of: PlainKey }) {
  const key = useShownKey(of);
  return (
    key && (
      <kbd className="ml-1 border border-rule bg-lift px-1 font-mono text-[11px] text-ink not-italic">
        {key}
      </kbd>
    )
  );
}
