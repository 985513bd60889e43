import { type JobKind, jobTitles } from "@proven-seat/core/outcome/shop";
import { Leak } from "./leak.tsx";
import type { PageOf } from "./page-of.ts";
import { planned } from "./planned.tsx";
import { Stack } from "./stack.tsx";

/** Pages of the shop by their address, in the order of the work. */
export const pages: readonly {
  readonly path: string;
  readonly name: string;
  /** Kind of its jobs; null for a page without one. */
  readonly kind: JobKind | null;
  readonly Page: PageOf;
}[] = [
  { path: "strip", name: jobTitles.strip, kind: "strip", Page: planned("strip", "strip") },
  { path: "leak", name: jobTitles["find a leak"], kind: "find a leak", Page: Leak },
  { path: "reseat", name: jobTitles.reseat, kind: "reseat", Page: planned("reseat", "reseat") },
  { path: "stack", name: "Seat stack", kind: null, Page: Stack },
  {
    path: "together",
    name: jobTitles["put together"],
    kind: "put together",
    Page: planned("put together", "together"),
  },
  {
    path: "drive",
    name: jobTitles["fit the drive"],
    kind: "fit the drive",
    Page: planned("fit the drive", "drive"),
  },
];
