import { Command } from "cmdk";
import { Dialog } from "radix-ui";
import { type KeyboardEvent, useRef, useState } from "react";
import { useNavigate } from "react-router";
import { useFocusReturn } from "../parts/focus-return.ts";
import { useKeyLabel } from "../parts/shortcut-keys.ts";
import { rooms } from "../rooms/index.ts";
import { type Command as Action, useCommands } from "./commands.ts";
import { inProject, useProject } from "./project.ts";
import { useProjects, useTagRows } from "./queries.ts";
import { useReading } from "./reading.ts";

const maximumHits = 40;
const item = "flex cursor-pointer items-baseline gap-3 px-3 py-1.5 data-[selected=true]:bg-second";

/** The list marks its first item a moment after the letters: Enter in that moment means that item. */
function openFirstHit(event: KeyboardEvent<HTMLElement>): void {
  if (event.key !== "Enter" || event.nativeEvent.isComposing) return;
  const list = event.currentTarget;
  if (list.querySelector("[cmdk-item][aria-selected=true]")) return;
  event.preventDefault();
  list.querySelector<HTMLElement>("[cmdk-item]")?.click();
}

function CommandKeys({ command: { key, keys } }: { command: Action }) {
  const shown = useKeyLabel(key) ?? keys;
  return shown && <kbd className="font-mono text-[11px] text-dim">{shown}</kbd>;
}

/** One key reaches every tag, station and action. */
export default function CommandBar({
  typed = "",
  onClose,
  onLegend,
  onShortcuts,
}: {
  /** Text typed before it was mounted. */
  typed?: string;
  onClose: () => void;
  onLegend: () => void;
  onShortcuts: () => void;
}) {
  const focusReturn = useFocusReturn();
  const [text, setText] = useState(typed);
  const input = useRef<HTMLInputElement>(null);
  // Not deferred: Enter right after the last letter must act on the list for that letter.
  const wanted = text.trim().toLowerCase();
  const project = useProject();
  const projects = useProjects().data ?? [];
  const rows = useTagRows(project?.id).data ?? [];
  const commands = useCommands((s) => s.ofRoom);
  const { theme, system, absolute, set } = useReading();
  const navigate = useNavigate();
  const go = (act: () => void) => () => {
    onClose();
    act();
  };
  const possible: readonly Action[] = [
    ...commands,
    ...rooms.flatMap(({ path, inProject: below, goTo }) =>
      goTo === null
        ? []
        : [{ name: goTo, act: () => void navigate(below ? inProject(project, path) : path) }],
    ),
    ...projects
      .filter(({ id, archived }) => id !== project?.id && !archived)
      .map((project) => ({
        name: `Open project ${project.name}`,
        act: () => void navigate(inProject(project, "/line-up")),
      })),
    {
      name: theme === "dark" ? "Light theme" : "Dark theme",
      act: () => set({ theme: theme === "dark" ? "light" : "dark" }),
    },
    {
      name: system === "metric" ? "US units" : "Metric units",
      act: () => set({ system: system === "metric" ? "US" : "metric" }),
    },
    { name: absolute ? "Gauge pressures" : "Absolute pressures", act: () => set({ absolute: !absolute }) },
    { name: "Legend", key: "?", act: onLegend },
    { name: "Keyboard shortcuts", act: onShortcuts },
  ];
  const actions = possible.filter(({ name }) => name.toLowerCase().includes(wanted));
  // Ten thousand tags are searched here, not in the list component, which would draw them all.
  const tags = rows
    .filter((row) => `${row.number} ${row.service} ${row.unit}`.toLowerCase().includes(wanted))
    .slice(0, maximumHits);
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/35" />
        <Dialog.Content
          {...focusReturn}
          onOpenAutoFocus={(event) => {
            focusReturn.onOpenAutoFocus();
            // By default it would take the focus with its text selected, and the next letter would replace it.
            event.preventDefault();
            input.current?.focus();
          }}
          aria-describedby={undefined}
          className="fixed top-[12vh] left-1/2 z-50 w-[min(36rem,92vw)] -translate-x-1/2 border border-ink bg-paper"
        >
          <Dialog.Title className="sr-only">Search or run a command</Dialog.Title>
          <Command shouldFilter={false} label="Search or run a command" loop onKeyDown={openFirstHit}>
            <Command.Input
              ref={input}
              value={text}
              onValueChange={setText}
              placeholder="Tag, station or action"
              className="w-full border-b border-rule bg-transparent px-3 py-2.5 text-[14px] outline-none placeholder:text-dim"
            />
            <Command.List className="max-h-[55vh] overflow-auto py-1">
              <Command.Empty className="px-3 py-4 text-dim">
                No match. Try part of a tag number or service.
              </Command.Empty>
              {actions.length > 0 && (
                <Command.Group
                  heading="Do"
                  className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-1 [&_[cmdk-group-heading]]:text-dim"
                >
                  {actions.map((command) => (
                    <Command.Item
                      key={command.name}
                      value={`do ${command.name}`}
                      onSelect={go(command.act)}
                      className={item}
                    >
                      <span className="flex-1">{command.name}</span>
                      <CommandKeys command={command} />
                    </Command.Item>
                  ))}
                </Command.Group>
              )}
              {tags.length > 0 && (
                <Command.Group
                  heading="Tags"
                  className="[&_[cmdk-group-heading]]:px-3 [&_[cmdk-group-heading]]:pt-1 [&_[cmdk-group-heading]]:text-dim"
                >
                  {tags.map((row) => (
                    <Command.Item
                      key={row.id}
                      value={row.id}
                      onSelect={go(() => void navigate(inProject(project, `/tags/${row.id}`)))}
                      className={item}
                    >
                      <span className="font-semibold">{row.number}</span>
                      <span className="truncate text-dim">{row.service}</span>
                    </Command.Item>
                  ))}
                </Command.Group>
              )}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
