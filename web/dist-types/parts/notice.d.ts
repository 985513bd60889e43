import type { ReactNode } from "react";
/** An empty, loading or failed place: what it is, and what to do. */
export declare function Notice({
  title,
  children,
  act,
}: {
  title: string;
  children?: ReactNode;
  act?: ReactNode;
}): import("react").JSX.Element;
//# sourceMappingURL=notice.d.ts.map
