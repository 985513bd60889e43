/** One key reaches every tag, station and action. */
export default function CommandBar({
  onClose,
  onLegend,
}: {
  onClose: () => void;
  onLegend: () => void;
}): import("react").JSX.Element;
//# sourceMappingURL=command-bar.d.ts.map
