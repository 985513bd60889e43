import { createRequire } from "node:module";

const find = createRequire(import.meta.url).resolve;
const family = (name: string) => find(`@expo-google-fonts/${name}`);

/** Complete TrueType faces: they contain ≤ ≥ Δ ₂, and embed several times faster than compressed ones. */
export const typefaces = {
  plain: family("archivo/400Regular/Archivo_400Regular.ttf"),
  strong: family("archivo/600SemiBold/Archivo_600SemiBold.ttf"),
  figures: family("spline-sans-mono/400Regular/SplineSansMono_400Regular.ttf"),
} as const;

export type Typeface = keyof typeof typefaces;

/**
 * Replacements for a typeface that lacks characters of a text: the first with all of them is used, and only the used
 * characters are embedded. Han has some thirty thousand characters, so it is opened last of the left-to-right ones.
 */
export const standIns = {
  wide: family("noto-sans/400Regular/NotoSans_400Regular.ttf"),
  han: family("noto-sans-sc/400Regular/NotoSansSC_400Regular.ttf"),
  arabic: family("noto-sans-arabic/400Regular/NotoSansArabic_400Regular.ttf"),
} as const;

export type StandIn = keyof typeof standIns;
