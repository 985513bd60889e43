import type { Tag } from "@proven-seat/contract";
/** Two people changed the same tag: both versions side by side, and one choice. */
export declare function StaleDialog({
  current,
  onClose,
}: {
  current: Tag;
  onClose: () => void;
}): import("react").JSX.Element;
//# sourceMappingURL=stale-dialog.d.ts.map
