import { later } from "../../parts/later.tsx";
import type { Tab } from "../tab.ts";

export const reach: Tab = {
  id: "reach",
  name: "Permitted range",
  Content: later(() => import("./reach-list.tsx")),
};
