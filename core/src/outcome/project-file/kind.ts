import { documentKind } from "../../basis/versions/kind.ts";

/** A project in a file: its first line names the format. */
export const projectKind = documentKind("project", []);
