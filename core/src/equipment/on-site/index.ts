export { offerFor } from "./offer.ts";
