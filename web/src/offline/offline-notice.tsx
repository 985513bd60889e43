import { day, hour } from "../parts/dates.ts";
import { useOffline } from "./offline.ts";

/** Notice that stored data is shown, and from when. */
export function OfflineNotice() {
  const since = useOffline((s) => Math.min(...Object.values(s.answers)));
  if (!Number.isFinite(since)) return null;
  const sinceTime = new Date(since).toISOString();
  return (
    <p role="status" className="border-b border-b-rule border-l-4 border-l-tight px-4 py-2">
      <span className="font-semibold">The server cannot be reached.</span> These data were loaded on{" "}
      <span className="whitespace-nowrap">
        {day(sinceTime)}, {hour(sinceTime)}
      </span>
      . Your entries are kept here and sent when the server is back.
    </p>
  );
}
