import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { type CatalogueReading, readCatalogue } from "@proven-seat/core/equipment/catalogue";
import { demoFolder } from "../places.ts";

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

/** Project and tags of the demo scenario as in the folder, not yet validated. */
export function readDemoScenario(): unknown {
  return json(join(demoFolder, "tarn-ness.json"));
}
