import { NoProject } from "../../project-file/no-project.ts";
import { type ReadProject, readProjectFile } from "../../project-file/read.ts";

/** A project's file, read and checked whole: every sheet in it is proved again. */
export async function readProject({
  bytes,
}: {
  bytes: Uint8Array;
}): Promise<ReadProject | { readonly fault: string }> {
  try {
    return await readProjectFile(bytes);
  } catch (error) {
    if (error instanceof NoProject) return { fault: error.message };
    throw error;
  }
}
