import { useRouteError } from "react-router";
import { Notice } from "../parts/notice.tsx";

/** Shown when a room itself fails: what is safe, and what to do. */
export function RoomFailure() {
  const error = useRouteError();
  return (
    <main className="flex h-full">
      <Notice
        title="This page failed"
        act={
          <>
            <button type="button" className="act-first" onClick={() => location.reload()}>
              Reload
            </button>
            <a className="act" href="/line-up">
              Line-up
            </a>
          </>
        }
      >
        {error instanceof Error ? error.message : "Something went wrong."} Your entries are kept on this
        device.
      </Notice>
    </main>
  );
}
