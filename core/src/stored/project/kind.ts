import { documentKind } from "../kind.ts";

/** A project in a file: its first line names the format. */
export const projectKind = documentKind("project", []);
