import { useParams } from "react-router";
import { OpenTag } from "../../bench/open-tag.tsx";
import { stationNamed } from "../../stations/index.ts";
import { Bench } from "./bench.tsx";

/** A tag on the bench, at one of its stations. */
export function BenchRoom() {
  const { station = "envelope" } = useParams();
  return (
    <OpenTag rest={station}>{(tagId) => <Bench tagId={tagId} station={stationNamed(station)} />}</OpenTag>
  );
}
