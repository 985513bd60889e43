import { type ComponentType, useEffect, useState } from "react";

/**
 * A part whose code is fetched when it is first shown. Where that cannot be had, it says so and is tried again,
 * by hand or when the connection is back: what stands around it, and what was typed there, stays.
 */
export function later<Props extends object>(
  load: () => Promise<{ default: ComponentType<Props> }>,
): ComponentType<Props> {
  let known: ComponentType<Props> | null = null;
  return function Later(props: Props) {
    const [Part, setPart] = useState(() => known);
    const [failed, setFailed] = useState(false);
    const [attempt, setAttempt] = useState(0);
    // biome-ignore lint/correctness/useExhaustiveDependencies: another attempt loads again
    useEffect(() => {
      if (Part) return;
      let current = true;
      load().then(
        (found) => {
          known = found.default;
          if (current) setPart(() => found.default);
        },
        () => current && setFailed(true),
      );
      return () => {
        current = false;
      };
    }, [Part, attempt]);
    useEffect(() => {
      if (!failed) return;
      const again = () => {
        setFailed(false);
        setAttempt((n) => n + 1);
      };
      window.addEventListener("online", again);
      return () => window.removeEventListener("online", again);
    }, [failed]);
    if (Part) return <Part {...props} />;
    if (!failed) return <p className="p-2 text-dim">Coming …</p>;
    return (
      <p role="alert" className="p-2">
        This part could not be fetched from the server.{" "}
        <button
          type="button"
          className="act"
          onClick={() => {
            setFailed(false);
            setAttempt((n) => n + 1);
          }}
        >
          Try again
        </button>
      </p>
    );
  };
}
