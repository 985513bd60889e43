import { lazy } from "react";
import type { Tab } from "../tab.ts";

export const drives: Tab = {
  id: "drives",
  name: "Drives",
  Content: lazy(() => import("./drive-options.tsx")),
};
