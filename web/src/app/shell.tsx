import { shownUnit } from "@proven-seat/core/basis/units";
import { useEffect } from "react";
import { Link, matchPath, NavLink, Outlet, useLocation, useNavigation } from "react-router";
import { KeyHint } from "../parts/key-hint.tsx";
import { Legend } from "../parts/legend.tsx";
import { RoomHeading } from "../parts/room-heading.tsx";
import { useShortcuts } from "../parts/shortcuts.ts";
import { headerRooms } from "../rooms/index.ts";
import { inProject, useProject } from "./project.ts";
import { ProjectSwitch } from "./project-switch.tsx";
import { useReading, useUnits } from "./reading.ts";
import { HeaderSlot, SlotProvider, StatusSlot } from "./slots.tsx";
import { useDialogs } from "./use-dialogs.ts";

/** Header, room, footer. The room fills the header's middle and the footer's right end. */
export function Shell() {
  const { absolute, theme, set } = useReading();
  const project = useProject();
  const reading = useUnits();
  const { dialogs, open, typed, failed, show, close } = useDialogs();
  const navigation = useNavigation();
  const { pathname } = useLocation();
  const room = headerRooms.find(({ path }) =>
    [path, `/projects/:project${path}`].some((pattern) => matchPath(pattern, pathname)),
  );
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const find = () => show("search or run a command");
  useShortcuts({ "/": find, "mod+k": find, "?": () => show("legend") });
  const units = `${shownUnit("pressure", reading)} · ${shownUnit("temperature", reading)} · ${shownUnit("torque", reading)}`;
  return (
    <SlotProvider>
      <div className="grid h-full grid-cols-[minmax(0,1fr)] grid-rows-[43px_minmax(0,1fr)_24px]">
        <header className="flex items-center gap-4 border-b border-rule px-6">
          <Link to={inProject(project, "/line-up")} className="text-[15px] font-semibold whitespace-nowrap">
            Proven Seat
          </Link>
          <ProjectSwitch />
          <nav aria-label="Rooms" className="flex gap-3">
            {headerRooms.map(({ path, inProject: below, name, subtitle }) => (
              <NavLink
                key={path}
                title={subtitle}
                to={below ? inProject(project, path) : path}
                className={({ isActive }) =>
                  `whitespace-nowrap hover:underline ${isActive ? "font-semibold" : "text-dim"}`
                }
              >
                {name}
              </NavLink>
            ))}
          </nav>
          {room && <RoomHeading name={room.name} subtitle={room.subtitle} />}
          <HeaderSlot />
          <button
            type="button"
            className="quiet whitespace-nowrap"
            title="Change units"
            aria-label={`Units: ${units}. Change`}
            onClick={() => show("units")}
          >
            {units}
          </button>
          <button
            type="button"
            className="quiet whitespace-nowrap"
            aria-pressed={absolute}
            title="Show gauge or absolute pressures"
            onClick={() => set({ absolute: !absolute })}
          >
            {absolute ? "absolute" : "gauge"}
          </button>
          <button type="button" className="quiet whitespace-nowrap" onClick={find}>
            <span className="sr-only">search or run a command</span>
            <span aria-hidden>search</span>
            <KeyHint shortcut="/" />
          </button>
        </header>
        <main className="min-h-0 min-w-0 overflow-hidden" aria-busy={navigation.state !== "idle"}>
          <Outlet />
        </main>
        <footer className="flex items-center justify-between gap-6 border-t border-rule px-6 text-[12px] text-dim">
          <div className="flex shrink-0 items-center gap-3 whitespace-nowrap">
            {/* Narrow, a room's own words go before the marks, which the legend still explains. */}
            <div className="hidden lg:block">
              <Legend />
            </div>
            <button type="button" className="quiet" onClick={() => show("legend")}>
              legend
              <KeyHint shortcut="?" />
            </button>
            {failed && (
              <span role="alert" className="text-fails">
                This dialog could not be loaded. Check the connection to the server and try again.
              </span>
            )}
          </div>
          <StatusSlot />
        </footer>
      </div>
      {dialogs && open === "search or run a command" && (
        <dialogs.CommandBar
          typed={typed}
          onClose={close}
          onLegend={() => show("legend")}
          onShortcuts={() => show("shortcuts")}
        />
      )}
      {dialogs && open === "legend" && (
        <dialogs.LegendDialog onClose={close} onShortcuts={() => show("shortcuts")} />
      )}
      {dialogs && open === "units" && <dialogs.UnitsDialog onClose={close} />}
      {dialogs && open === "shortcuts" && <dialogs.ShortcutsDialog onClose={close} />}
    </SlotProvider>
  );
}
