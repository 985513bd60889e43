import { listProjects } from "../../work/projects.ts";
import type { Mount } from "../mount.ts";

export function mountProjects(mount: Mount): void {
  mount("projects", ({ em, page }) => listProjects(em, page));
}
