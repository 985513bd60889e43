import { changeKeeping, keepingNow } from "../../work/keeping.ts";
import type { Mount } from "../mount.ts";

export function mountKeeping(mount: Mount): void {
  mount("keeping", ({ em }) => keepingNow(em));
  mount("changeKeeping", ({ em, body, user }) => changeKeeping(em, body, user));
}
