import { useEffect } from "react";
import { useNavigate } from "react-router";
import { useAddTag } from "../../app/add-tag.ts";
import { useCommands } from "../../app/commands.ts";
import { useAddress } from "../../app/project.ts";
import { redo, undo, useBench } from "../../bench/bench-store.ts";
import { saveNow } from "../../bench/saving.ts";
import { nextOrder } from "../../lists/candidates/order.ts";
import type { ShortcutKey } from "../../parts/shortcut-keys.ts";
import { useShortcuts } from "../../parts/shortcuts.ts";
import { stations } from "../../stations/index.ts";
import type { Station, StationCommand } from "../../stations/station.ts";
import type { Choosing } from "./choosing.ts";
import { nextTab, useLower } from "./lower-tabs.ts";

/** Keys and commands of the bench, those of the stations among them. */
export function useBenchCommands(
  tagId: string,
  station: Station,
  selected: string | null,
  { choose, override }: Choosing,
  onRemove: () => void,
): void {
  const navigate = useNavigate();
  const address = useAddress();
  const addTag = useAddTag();
  const goTo = (to: Station | undefined) => to && void navigate(address(`/tags/${tagId}/${to.id}`));
  const index = stations.indexOf(station);
  const compare = () => selected !== null && useBench.getState().compare(selected);
  // The bench is saved on the way out; a failed new tag is reported where saving is.
  const another = () =>
    void addTag().catch((error: Error) => useBench.getState().setSave({ kind: "kept", why: error.message }));
  const lettered: readonly StationCommand[] = [
    { name: "Choose the selected valve", key: "c", act: choose },
    { name: "Override with a reason", key: "v", act: override },
    { name: "Compare the selected valve", key: "k", act: compare },
    ...stations.flatMap(({ commands = [] }) => commands),
    { name: "Next list below the picture", key: "l", act: () => nextTab(station) },
    { name: "Change the order of candidates", key: "o", act: nextOrder },
    ...station.tabs.map(({ id, name }) => ({
      name: `Below the picture: ${name}`,
      act: () => useLower.getState().pick(id),
    })),
    { name: "Shop: strip down the valve", act: () => void navigate(address(`/tags/${tagId}/shop`)) },
    { name: "Remove this tag", act: onRemove },
    ...stations.map((to, place) => ({
      name: `Station: ${to.name}`,
      ...(place < 9 && { key: String(place + 1) as ShortcutKey }),
      act: () => goTo(to),
    })),
  ];
  const setOfRoom = useCommands((s) => s.setOfRoom);
  // biome-ignore lint/correctness/useExhaustiveDependencies: renewed when what they act on changes
  useEffect(() => {
    setOfRoom([
      ...lettered,
      { name: "Undo", keys: "Ctrl Z", act: undo },
      { name: "Redo", keys: "Ctrl Shift Z", act: redo },
      { name: "Add another tag", keys: "Ctrl Enter", act: another },
      { name: "Save now", keys: "Ctrl S", act: () => void saveNow() },
    ]);
    return () => setOfRoom([]);
  }, [selected, tagId, station]);
  useShortcuts({
    ...Object.fromEntries(lettered.flatMap(({ key, act }) => (key ? [[key, act]] : []))),
    "[": () => goTo(stations[index - 1]),
    "]": () => goTo(stations[index + 1]),
    "mod+z": undo,
    "mod+shift+z": redo,
    "mod+y": redo,
    "mod+Enter": another,
    "mod+s": () => void saveNow(),
  });
}
