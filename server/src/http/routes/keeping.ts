import { changeCopySettings, copySettings } from "../../work/keeping.ts";
import type { Mount } from "../mount.ts";

export function mountKeeping(mount: Mount): void {
  mount("keeping", ({ em }) => copySettings(em));
  mount("changeKeeping", ({ em, body, user }) => changeCopySettings(em, body, user));
}
