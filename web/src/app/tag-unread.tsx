import { Link, useLocation } from "react-router";
import { worksOffline } from "../offline/offline.ts";
import { Notice } from "../parts/notice.tsx";
import { ApiProblem } from "./api.ts";
import { useAddress } from "./project.ts";

/** Replaces a tag that could not be read: it does not exist, or the server cannot be reached. */
export function TagUnread({ error, onAgain }: { error: Error; onAgain: () => void }) {
  const address = useAddress();
  const { pathname } = useLocation();
  const gone = error instanceof ApiProblem;
  return (
    <Notice
      title={gone ? "Tag not found" : "The tag could not be loaded"}
      act={
        <>
          <button type="button" className="act" onClick={onAgain}>
            Try again
          </button>
          <Link className="act" to={address("/line-up")}>
            Line-up
          </Link>
        </>
      }
    >
      {error.message}
      {!gone &&
        worksOffline(pathname) &&
        " This device has not opened the tag before. Open it once with a connection. Then it opens offline too."}
    </Notice>
  );
}
