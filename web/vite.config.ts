import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";
import { withoutDeclarations } from "./without-declarations.ts";

export default defineConfig({
  plugins: [react(), tailwindcss()],
  // Straight from the workspace sources: no build of core and contract is needed first.
  resolve: {
    conditions: ["source", "module", "browser", "import", "default"],
  },
  html: { cspNonce: "__NONCE__" },
  worker: { format: "es", plugins: () => [withoutDeclarations()] },
  build: { target: "es2022", sourcemap: false, chunkSizeWarningLimit: 700, assetsInlineLimit: 0 },
  server: { proxy: { "/api": "http://127.0.0.1:4180" } },
});
