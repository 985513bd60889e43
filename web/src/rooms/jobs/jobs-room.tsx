import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { callAll } from "../../app/api.ts";
import { useProjectId } from "../../app/project.ts";
import { InHeader, InStatus } from "../../app/slots.tsx";
import { Notice } from "../../parts/notice.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import { useDevice } from "../shop/job/device.ts";
import { handInAll } from "../shop/job/hand-in.ts";
import { JobsList } from "./jobs-list.tsx";

/** How often the list is read again while somebody looks. */
const everyMs = 10_000;

/** What waits on this device, of whatever job: handed in when there is a connection. */
function OnThisDevice() {
  const waiting = useDevice((s) =>
    Object.values(s.jobs).reduce((sum, { waiting: events }) => sum + events.length, 0),
  );
  useEffect(() => {
    void handInAll();
  }, []);
  if (waiting === 0) return null;
  return (
    <p className="mb-4 border-l-4 border-tight pl-4">
      <span className="figures">{waiting}</span> entries wait on this device.{" "}
      <button type="button" className="act min-h-11" onClick={() => void handInAll()}>
        Hand them in
      </button>
    </p>
  );
}

/** Jobs on the valves of a project: what is under way, and what was done. */
export function JobsRoom() {
  const project = useProjectId();
  const { data, error } = useQuery({
    queryKey: ["jobs", project],
    enabled: project !== undefined,
    refetchInterval: everyMs,
    staleTime: 0,
    queryFn: ({ signal }) => callAll("jobs", { parameters: { id: project! }, signal }),
  });
  return (
    <>
      <InHeader>
        <h1 className="font-semibold">Jobs</h1>
      </InHeader>
      <InStatus>The maker's instructions, the site's permit and local law stand before these plans.</InStatus>
      <Scroll label="Jobs" className="h-full">
        <div className="p-6">
          <OnThisDevice />
          {data === undefined ? (
            <Notice title={error ? "The jobs could not be read" : "Reading the jobs …"}>
              {error?.message}
            </Notice>
          ) : (
            <>
              <JobsList
                title="Under way"
                rows={data.filter(({ finishedAt }) => finishedAt === null)}
                nothing="Nothing is under way. Open a tag and press Shop: the first tick of a plan begins a job."
              />
              <JobsList
                title="Finished"
                rows={data.filter(({ finishedAt }) => finishedAt !== null)}
                nothing="Nothing is finished yet."
              />
            </>
          )}
        </div>
      </Scroll>
    </>
  );
}
