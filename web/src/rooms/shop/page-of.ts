import type { ComponentType } from "react";
import type { BenchView } from "../../workers/bench-view.ts";

/** Input of a page of the shop: a tag with a selected valve. */
export type PageOf = ComponentType<{ readonly tagId: string; readonly view: BenchView }>;
