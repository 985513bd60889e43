import { type ComponentType, useCallback, useEffect, useState } from "react";

/**
 * A part whose code is fetched when it is first shown. If the fetch fails, it shows that and is tried again, by hand or
 * when the connection is back; everything around it, typed text included, stays.
 */
export function later<Props extends object>(
  load: () => Promise<{ default: ComponentType<Props> }>,
): ComponentType<Props> {
  let known: ComponentType<Props> | null = null;
  return function Later(props: Props) {
    const [Part, setPart] = useState(() => known);
    const [{ failed, attempt }, setTried] = useState({ failed: false, attempt: 0 });
    const again = useCallback(
      () => setTried((tried) => (tried.failed ? { failed: false, attempt: tried.attempt + 1 } : tried)),
      [],
    );
    // biome-ignore lint/correctness/useExhaustiveDependencies: another attempt loads again
    useEffect(() => {
      if (Part) return;
      let current = true;
      load().then(
        (found) => {
          known = found.default;
          if (current) setPart(() => found.default);
        },
        () => current && setTried((tried) => ({ ...tried, failed: true })),
      );
      return () => {
        current = false;
      };
    }, [Part, attempt]);
    useEffect(() => {
      // Listened to from the start: a connection may be back before the failure is drawn.
      window.addEventListener("online", again);
      return () => window.removeEventListener("online", again);
    }, [again]);
    if (Part) return <Part {...props} />;
    if (!failed) return <p className="p-2 text-dim">Loading …</p>;
    return (
      <p role="alert" className="p-2">
        This part could not be loaded from the server.{" "}
        <button type="button" className="act" onClick={again}>
          Try again
        </button>
      </p>
    );
  };
}
