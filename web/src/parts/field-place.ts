/** Where a field of the duty is entered: the element that carries its path. */
const placeOf = (path: string) => document.querySelector<HTMLElement>(`[data-field="${CSS.escape(path)}"]`);

/** The element that takes the focus for a path of the duty or the header; null where it is not on screen. */
export const entryOf = (path: string): HTMLElement | null =>
  placeOf(path)?.querySelector<HTMLElement>("input, select, button") ?? null;

/** Moves the cursor to the entry of a path and selects its text. */
export function enterField(path: string): void {
  const entry = entryOf(path);
  entry?.scrollIntoView({ block: "nearest" });
  entry?.focus();
  if (entry instanceof HTMLInputElement) entry.select();
}

/** The path an element is the entry of. */
export const pathOf = (element: EventTarget): string | null =>
  element instanceof HTMLElement
    ? (element.closest<HTMLElement>("[data-field]")?.dataset.field ?? null)
    : null;

/**
 * The next mandatory value: after the one just entered, or from the beginning. Pressures and temperatures come last,
 * because they are entered case by case. Null when nothing is left.
 */
export function nextToKnow(open: readonly string[], from: string | null): string | null {
  const ofCases = (path: string) => path.startsWith("cases");
  const order = [...open.filter((path) => !ofCases(path)), ...open.filter(ofCases)];
  const index = from === null ? -1 : order.indexOf(from);
  return (
    [...order.slice(index + 1), ...order.slice(0, Math.max(index, 0))].find((path) => path !== from) ?? null
  );
}
