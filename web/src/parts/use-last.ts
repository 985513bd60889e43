import { useEffect, useRef } from "react";

/** A value, or the last there was while there is none: what was shown stays until its successor has come in. */
export function useLast<T>(value: T | null): T | null {
  const last = useRef<T | null>(null);
  useEffect(() => {
    if (value !== null) last.current = value;
  });
  return value ?? last.current;
}
