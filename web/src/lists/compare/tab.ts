import { lazy } from "react";
import { useBench } from "../../bench/bench-store.ts";
import type { Tab } from "../tab.ts";

export const compare: Tab = {
  id: "compare",
  name: "Compare",
  useCount: () => useBench((s) => s.compared.length),
  Content: lazy(() => import("./compare.tsx")),
};
