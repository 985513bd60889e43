import { useBench } from "../../bench/bench-store.ts";
import { later } from "../../parts/later.tsx";
import type { Tab } from "../tab.ts";

export const compare: Tab = {
  id: "compare",
  name: "Compare",
  useCount: () => useBench((s) => s.compared.length),
  Content: later(() => import("./compare.tsx")),
};
