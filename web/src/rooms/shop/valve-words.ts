import type { BenchView } from "../../workers/bench-view.ts";

type Shown = NonNullable<BenchView["selected"]>["candidate"]["valve"];

/** A valve as people on a bench call it. */
export const valveWords = ({ maker, line, construction, dn, designation, seat }: Shown): string =>
  `${maker} ${line}, ${construction}, DN ${dn} ${designation}, ${seat}`;
