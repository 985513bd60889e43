import type { Page } from "@playwright/test";

/** Goes to an address inside the open page, as its own links do: nothing is loaded again, and the shelf stays ready. */
export const visit = (page: Page, address: string): Promise<void> =>
  page.evaluate((to) => {
    const { idx = 0 } = history.state ?? {};
    history.pushState({ idx: idx + 1, key: String(idx + 1) }, "", to);
    dispatchEvent(new PopStateEvent("popstate", { state: history.state }));
  }, address);
