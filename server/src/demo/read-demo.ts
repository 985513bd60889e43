import { readdirSync, readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { type CatalogueReading, readCatalogue } from "@proven-seat/core/equipment/catalogue";

/** The demo folder of the project, from source and from the built server alike. */
export const demoFolder = join(dirname(fileURLToPath(import.meta.url)), "../../../demo");

const json = (path: string): unknown => JSON.parse(readFileSync(path, "utf8"));

function jsonFiles(folder: string, below: string) {
  return readdirSync(join(folder, below))
    .filter((name) => name.endsWith(".json"))
    .sort()
    .map((name) => ({ name: `${below}/${name}`, content: json(join(folder, below, name)) }));
}

/** Reads a catalogue laid out in files: catalogue.json, lines/, drives/ and accessories/. */
export function readCatalogueFolder(folder: string): CatalogueReading {
  return readCatalogue(
    { name: "catalogue.json", content: json(join(folder, "catalogue.json")) },
    jsonFiles(folder, "lines"),
    jsonFiles(folder, "drives"),
    jsonFiles(folder, "accessories"),
  );
}

/** The demo scenario's project and tags as they stand in the folder, not yet checked. */
export function readDemoScenario(): unknown {
  return json(join(demoFolder, "tarn-ness.json"));
}
