import { expose } from "comlink";
import { catalogueApi } from "./catalogue-api.ts";

expose(catalogueApi);
