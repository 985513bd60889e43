import { later } from "../../parts/later.tsx";
import type { Tab } from "../tab.ts";

export const candidates: Tab = {
  id: "candidates",
  name: "Candidates",
  Content: later(() => import("./candidate-list.tsx")),
};
