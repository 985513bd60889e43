import { later } from "../../parts/later.tsx";
import type { Tab } from "../tab.ts";

export const drives: Tab = {
  id: "drives",
  name: "Actuators",
  Content: later(() => import("./drive-options.tsx")),
};
