import type { Page } from "@playwright/test";

/** Navigates inside the open page as its links do, without loading it again. */
export const visit = (page: Page, address: string): Promise<void> =>
  page.evaluate((to) => {
    const { idx = 0 } = history.state ?? {};
    history.pushState({ idx: idx + 1, key: String(idx + 1) }, "", to);
    dispatchEvent(new PopStateEvent("popstate", { state: history.state }));
  }, address);
