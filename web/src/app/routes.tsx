import { createBrowserRouter, Navigate } from "react-router";
import { Notice } from "../parts/notice.tsx";
import { LineUp } from "../rooms/line-up/line-up.tsx";
import { useProjects } from "./queries.ts";
import { useReading } from "./reading.ts";
import { RoomFailure } from "./room-failure.tsx";
import { Shell } from "./shell.tsx";

/** The first visit opens on the demo tag with a problem worth seeing; later ones on the line-up. */
function Entrance() {
  const { data, error, refetch } = useProjects();
  const visited = useReading((s) => s.visited);
  if (error)
    return (
      <Notice
        title="The projects could not be read"
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
  return <Navigate replace to={!visited && opensOn ? `/tags/${opensOn}/duty` : "/line-up"} />;
}

export const router = createBrowserRouter([
  {
    element: <Shell />,
    errorElement: <RoomFailure />,
    HydrateFallback: () => null,
    children: [
      { path: "/", element: <Entrance /> },
      { path: "/line-up", element: <LineUp /> },
      {
        path: "/import",
        lazy: async () => ({ Component: (await import("../rooms/import/import-room.tsx")).ImportRoom }),
      },
      {
        path: "/house-rules",
        lazy: async () => ({ Component: (await import("../rooms/house/house-room.tsx")).HouseRoom }),
      },
      {
        path: "/rules",
        lazy: async () => ({ Component: (await import("../rooms/rules/rules-room.tsx")).RulesRoom }),
      },
      {
        path: "/shelf",
        lazy: async () => ({ Component: (await import("../rooms/shelf/shelf-room.tsx")).ShelfRoom }),
      },
      {
        path: "/tags/:tagId/:station?",
        lazy: async () => ({ Component: (await import("../rooms/bench/bench-room.tsx")).BenchRoom }),
      },
      {
        path: "*",
        element: (
          <Notice title="There is no such page">Use the command bar (/) to go where you meant to.</Notice>
        ),
      },
    ],
  },
]);
