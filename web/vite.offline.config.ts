import { createHash } from "node:crypto";
import { readdirSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { defineConfig } from "vite";

/**
 * Builds the service worker that opens shop pages without a connection: after the pages, because it lists their files.
 */
const dist = fileURLToPath(new URL("dist/", import.meta.url));

/** A name that changes with its content needs no other mark. */
const assets = () => readdirSync(`${dist}assets`).map((file) => ({ url: `/assets/${file}`, revision: null }));
const named = (url: string, file: string) => ({
  url,
  revision: createHash("sha256")
    .update(readFileSync(dist + file))
    .digest("hex"),
});

export default defineConfig({
  // The page has no name of its own: the server sends it at every address.
  define: {
    __PROGRAM__: JSON.stringify([named("/", "index.html"), named("/mark.svg", "mark.svg"), ...assets()]),
  },
  publicDir: false,
  build: {
    target: "es2022",
    emptyOutDir: false,
    rollupOptions: {
      input: fileURLToPath(new URL("src/offline/shell.sw.ts", import.meta.url)),
      output: { entryFileNames: "away.js", format: "iife" },
    },
  },
});
