import { useRef } from "react";

/**
 * Gives the focus back to where it was before a dialog opened, or to what the dialog made; spread it on the
 * dialog's content.
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
