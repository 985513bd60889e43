import { expose } from "comlink";
import { proverApi } from "./prover-api.ts";

expose(proverApi());
