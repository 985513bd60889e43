import { useRef } from "react";

/**
 * Returns the focus to where it was before a dialog opened, or to the new element; spread it on the dialog's content.
 */
export function useFocusReturn(made: () => HTMLElement | null = () => null) {
  const before = useRef<HTMLElement | null>(null);
  return {
    onOpenAutoFocus: () => {
      before.current = document.activeElement instanceof HTMLElement ? document.activeElement : null;
    },
    onCloseAutoFocus: (event: Event) => {
      event.preventDefault();
      (made() ?? before.current)?.focus();
    },
  };
}
