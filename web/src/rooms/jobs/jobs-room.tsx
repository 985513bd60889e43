import { useQuery } from "@tanstack/react-query";
import { callAll } from "../../app/api.ts";
import { useProjectId } from "../../app/project.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { InStatus } from "../../app/slots.tsx";
import { OfflineNotice } from "../../offline/offline-notice.tsx";
import { OpensOffline } from "../../offline/opens-offline.tsx";
import { useOfflineRoom } from "../../offline/use-offline-room.ts";
import { Notice } from "../../parts/notice.tsx";
import { Scroll } from "../../parts/scroll.tsx";
import { JobsList } from "./jobs-list.tsx";
import { OnThisDevice } from "./on-this-device.tsx";

/** Interval for reading the list again while it is shown. */
const everyMs = 10_000;

/** Jobs on the valves of a project: in progress and finished. */
export function JobsRoom() {
  const project = useProjectId();
  const opens = useOfflineRoom();
  const { data, error } = useQuery({
    queryKey: queryKeys.jobs(project),
    enabled: project !== undefined,
    refetchInterval: everyMs,
    staleTime: 0,
    queryFn: ({ signal }) => callAll("jobs", { parameters: { id: project! }, signal }),
  });
  return (
    <>
      <InStatus>
        <OpensOffline opens={opens} />
        The maker's instructions, the site's permit and local law take precedence over these plans.
      </InStatus>
      <Scroll label="Jobs" className="h-full">
        <OfflineNotice />
        <div className="p-6">
          <OnThisDevice />
          {data === undefined ? (
            <Notice title={error ? "The jobs could not be loaded" : "Loading the jobs …"}>
              {error?.message}
            </Notice>
          ) : (
            <>
              <JobsList
                title="In progress"
                rows={data.filter(({ finishedAt }) => finishedAt === null)}
                nothing="No job in progress. Open a tag and press Shop. Ticking a step of a plan starts the job."
              />
              <JobsList
                title="Finished"
                rows={data.filter(({ finishedAt }) => finishedAt !== null)}
                nothing="No finished jobs yet."
              />
            </>
          )}
        </div>
      </Scroll>
    </>
  );
}
