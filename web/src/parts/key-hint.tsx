/** A key shown where it acts. */
export function KeyHint({ children }: { children: string }) {
  return (
    <kbd className="ml-1 border border-rule bg-lift px-1 font-mono text-[11px] text-ink not-italic">
      {children}
    </kbd>
  );
}
