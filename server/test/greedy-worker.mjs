/** A job thread whose proofs want ever more memory; everything else it does at once. */
export default function run({ name }) {
  const kept = [];
  while (name === "prove") kept.push(new Array(10_000).fill(name).map((word, at) => word + at));
  return kept.length;
}
