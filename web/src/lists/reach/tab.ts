import { lazy } from "react";
import type { Tab } from "../tab.ts";

export const reach: Tab = {
  id: "reach",
  name: "How far it may move",
  Content: lazy(() => import("./reach-list.tsx")),
};
