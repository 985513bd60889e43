import { lazy } from "react";
import type { Tab } from "../tab.ts";

export const candidates: Tab = {
  id: "candidates",
  name: "Candidates",
  Content: lazy(() => import("./candidate-list.tsx")),
};
