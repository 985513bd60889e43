/** Collects downloaded files in a test. */
import { vi } from "vitest";

export interface Downloaded {
  readonly name: string;
  readonly content: Blob;
}

/** Collects downloads until `vi.restoreAllMocks`. */
export function downloads(): readonly Downloaded[] {
  const saved: Downloaded[] = [];
  let content: Blob | null = null;
  vi.spyOn(URL, "createObjectURL").mockImplementation((blob) => {
    content = blob as Blob;
    return "blob:kept";
  });
  vi.spyOn(HTMLAnchorElement.prototype, "click").mockImplementation(function (this: HTMLAnchorElement) {
    if (content) saved.push({ name: this.download, content });
  });
  return saved;
}
