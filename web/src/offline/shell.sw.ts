import { cleanupOutdatedCaches, matchPrecache, precache } from "workbox-precaching";

/** The page and everything it loads, listed by the build. */
declare const __PROGRAM__: readonly { url: string; revision: string | null }[];

const worker = self as unknown as ServiceWorkerGlobalScope;

/** How long a page of the shop waits for a server that does not answer, ms; others wait as long as browsers do. */
const patienceMs = 5000;
const inShop = /\/shop(\/|$)/;

precache([...__PROGRAM__]);
cleanupOutdatedCaches();
worker.addEventListener("install", () => void worker.skipWaiting());
worker.addEventListener("activate", (event) => event.waitUntil(worker.clients.claim()));

/** The server's page; without it the stored one, which is the same at every address. */
async function page(request: Request): Promise<Response> {
  const kept = await matchPrecache("/");
  const hurries = kept !== undefined && inShop.test(new URL(request.url).pathname);
  try {
    return await fetch(request, hurries ? { signal: AbortSignal.timeout(patienceMs) } : {});
  } catch (error) {
    if (kept) return kept;
    throw error;
  }
}

worker.addEventListener("fetch", (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  // Data comes from the server only: pages store it themselves, with its time.
  if (request.method !== "GET" || origin !== worker.location.origin || pathname.startsWith("/api/")) return;
  if (request.mode === "navigate") event.respondWith(page(request));
  else event.respondWith(matchPrecache(request).then((kept) => kept ?? fetch(request)));
});
