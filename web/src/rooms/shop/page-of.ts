import type { ComponentType } from "react";
import type { BenchView } from "../../workers/bench-view.ts";

/** What a page of the shop is given: a tag with a valve in hand. */
export type PageOf = ComponentType<{ readonly tagId: string; readonly view: BenchView }>;
