import type { JobKind } from "@proven-seat/core/outcome/shop";
import { pages } from "../shop/pages.ts";

/** Address of the page a job is worked on at, below its project. */
export const addressOfJob = ({ kind, tagId, id }: { kind: JobKind; tagId: string; id: string }): string =>
  `/tags/${tagId}/shop/${pages.find((page) => page.kind === kind)?.path ?? "strip"}?job=${id}`;
