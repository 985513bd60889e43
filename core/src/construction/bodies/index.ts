export { labelled } from "./assembly/labels.ts";
export type { Way } from "./assembly/model.ts";
export { leakPathsOf } from "./assembly/paths.ts";
export { cavityNamed } from "./cavity.ts";
export { constructionNamed, constructions } from "./constructions.ts";
export { passageOf } from "./passage.ts";
