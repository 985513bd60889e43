import { createBrowserRouter, Navigate } from "react-router";
import { Notice } from "../parts/notice.tsx";
import { rooms } from "../rooms/index.ts";
import type { Room } from "../rooms/room.ts";
import { InProject, ToProject, ToTag } from "./in-project.tsx";
import { useProjects } from "./queries.ts";
import { useReading } from "./reading.ts";
import { RoomFailure } from "./room-failure.tsx";
import { Shell } from "./shell.tsx";

/** The first visit opens on the demo tag with a typical problem; later ones on the line-up. */
function Entrance() {
  const { data, error, refetch } = useProjects();
  const visited = useReading((s) => s.visited);
  if (error)
    return (
      <Notice
        title="The projects could not be loaded"
        act={
          <button type="button" className="act" onClick={() => void refetch()}>
            Try again
          </button>
        }
      >
        {error.message}
      </Notice>
    );
  if (!data) return <Notice title="Opening …" />;
  const opensOn = data[0]?.opensOn;
  return !visited && opensOn ? (
    <Navigate replace to={`/tags/${opensOn}/duty`} state={{ first: true }} />
  ) : (
    <Navigate replace to="/line-up" />
  );
}

const routeOf = ({ path, load }: Pick<Room, "path" | "load">) => ({
  path,
  lazy: async () => ({ Component: await load() }),
});

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <RoomFailure />,
    HydrateFallback: () => null,
    children: [
      { path: "/", element: <Entrance /> },
      ...rooms.filter(({ inProject }) => !inProject).map(routeOf),
      {
        path: "/projects/:project",
        element: <InProject />,
        children: rooms
          .filter(({ inProject }) => inProject)
          .map((room) => routeOf({ ...room, path: room.path.slice(1) })),
      },
      ...rooms
        .filter(({ inProject, path }) => inProject && !path.includes(":"))
        .map(({ path }) => ({ path, element: <ToProject /> })),
      { path: "/tags/:tagId/*", element: <ToTag /> },
      {
        path: "*",
        element: <Notice title="Page not found">Use search (/) to find the page.</Notice>,
      },
    ],
  },
]);
