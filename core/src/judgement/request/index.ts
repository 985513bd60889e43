export { proveRequest, proveRequestSchema } from "./request.ts";
