import { expose } from "comlink";
import { listApi } from "./list-api.ts";

expose(listApi());
