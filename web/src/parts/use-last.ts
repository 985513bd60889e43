import { useEffect, useRef } from "react";

/** The value, or the previous one while it is null: what is shown stays until the next value arrives. */
export function useLast<T>(value: T | null): T | null {
  const last = useRef<T | null>(null);
  useEffect(() => {
    if (value !== null) last.current = value;
  });
  return value ?? last.current;
}
