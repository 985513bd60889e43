export { UnpacksToTooMuch, unpack } from "./unpack.ts";
