import type { ComponentType } from "react";
import type { BenchView } from "../workers/bench-view.ts";

/** A list below the picture of a station. */
export interface Tab {
  readonly id: string;
  readonly name: string;
  /** A count beside the name. */
  readonly useCount?: () => number;
  readonly Content: ComponentType<{ readonly view: BenchView }>;
}
