import type { ReactNode } from "react";

interface Props {
  open: boolean;
  onClose: () => void;
  title: string;
  says: string;
  children: ReactNode;
  wide?: boolean;
}
/** A question or a list in front of the room; Escape closes it and the focus goes back. */
export declare function SheetDialog({
  open,
  onClose,
  title,
  says,
  children,
  wide,
}: Props): import("react").JSX.Element;
//# sourceMappingURL=sheet-dialog.d.ts.map
