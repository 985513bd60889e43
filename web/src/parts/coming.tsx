/** Shown while an answer is awaited, or when it failed. */
export const Coming = ({ failure, children }: { failure: string | null; children: string }) =>
  failure === null ? (
    <p className="p-2 text-dim">{children}</p>
  ) : (
    <p role="alert" className="p-2 text-fails">
      The calculation failed: {failure}
    </p>
  );
