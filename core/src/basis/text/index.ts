export { cleanText, textFault } from "./clean.ts";
export { tagKey } from "./tag-key.ts";
