import { day, hour } from "../parts/dates.ts";
import { useAway } from "./away.ts";

/** Says that what is shown was kept, and since when. */
export function AwayNotice() {
  const since = useAway((s) => Math.min(...Object.values(s.answers)));
  if (!Number.isFinite(since)) return null;
  const at = new Date(since).toISOString();
  return (
    <p role="status" className="border-b border-b-rule border-l-4 border-l-tight px-4 py-2">
      <span className="font-semibold">The server cannot be reached.</span> These data were loaded on{" "}
      <span className="whitespace-nowrap">
        {day(at)}, {hour(at)}
      </span>
      . Your entries are kept here and sent when the server is back.
    </p>
  );
}
