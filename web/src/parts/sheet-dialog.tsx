import { Dialog } from "radix-ui";
import type { ReactNode } from "react";
import { useFocusReturn } from "./focus-return.ts";

interface Props {
  open: boolean;
  onClose: () => void;
  title: string;
  says: string;
  children: ReactNode;
  wide?: boolean;
  /** Element that takes the focus afterwards, instead of the previous one. */
  made?: () => HTMLElement | null;
}

/** A question or a list in front of the room; Escape closes it and returns the focus. */
export function SheetDialog({ open, onClose, title, says, children, wide = false, made }: Props) {
  const focusReturn = useFocusReturn(made);
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-20 bg-black/35" />
        <Dialog.Content
          {...focusReturn}
          className={`fixed top-[12vh] left-1/2 z-30 max-h-[76vh] -translate-x-1/2 overflow-auto border border-ink bg-paper p-5 ${wide ? "w-[min(46rem,92vw)]" : "w-[min(30rem,92vw)]"}`}
        >
          <Dialog.Title className="text-[15px]">{title}</Dialog.Title>
          <Dialog.Description className="mt-1 mb-4 text-dim">{says}</Dialog.Description>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
