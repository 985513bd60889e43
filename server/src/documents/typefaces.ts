import { createRequire } from "node:module";

const find = createRequire(import.meta.url).resolve;

/** Full TrueType faces: they carry ≤ ≥ Δ ₂, and embed several times faster than compressed ones. */
export const typefaces = {
  plain: find("@expo-google-fonts/archivo/400Regular/Archivo_400Regular.ttf"),
  strong: find("@expo-google-fonts/archivo/600SemiBold/Archivo_600SemiBold.ttf"),
  figures: find("@expo-google-fonts/spline-sans-mono/400Regular/SplineSansMono_400Regular.ttf"),
} as const;
