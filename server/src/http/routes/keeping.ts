import { changeKeeping, keepingNow } from "../../work/keeping.ts";
import type { Mount } from "../mount.ts";

export function mountKeeping(mount: Mount): void {
  mount("keeping", ({ db }) => keepingNow(db));
  mount("changeKeeping", ({ db, body, user }) => changeKeeping(db, body, user));
}
