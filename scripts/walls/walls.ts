import { readdirSync } from "node:fs";
import { join } from "node:path";
import { floors } from "./floors.ts";
import { importsOf } from "./imports.ts";

/** An import between files of core, both relative to core/src. */
export interface Import {
  readonly from: string;
  readonly to: string;
}

const order: readonly string[] = floors.flatMap(({ district, rooms }) =>
  rooms.map((room) => `${district}/${room}`),
);

/**
 * The room of a file of core.
 *
 * @param file path relative to core/src
 * @returns district and room; null for a door of a whole district
 */
const roomOf = (file: string): string | null => {
  const [district, room] = file.split("/");
  return room === undefined || room.endsWith(".ts") ? null : `${district}/${room}`;
};

/**
 * Faults of an import inside core.
 *
 * @param line the import
 * @returns a sentence; null where it is allowed
 */
export function faultOf({ from, to }: Import): string | null {
  const [own, other] = [roomOf(from), roomOf(to)];
  if (to.endsWith("/index.ts"))
    return `${from} imports the door ${to}. Inside core import the file itself; doors are for other packages.`;
  if (own === null || other === null)
    return `${from} imports ${to}. Every file of core stands in a room of a district.`;
  for (const room of [own, other])
    if (!order.includes(room)) return `${room} is not listed. Add it to scripts/walls/floors.ts.`;
  if (order.indexOf(other) > order.indexOf(own))
    return `${from} imports ${to}, which stands on a higher floor. Move what both need to the lower one.`;
  return null;
}

/** Imports between files of core, tests and doors left out. */
export function importsInCore(root: string): Import[] {
  const source = join(root, "core/src");
  return (readdirSync(source, { recursive: true }) as string[])
    .filter((file) => file.endsWith(".ts") && !file.endsWith(".test.ts") && !file.endsWith("/index.ts"))
    .sort()
    .flatMap((from) =>
      importsOf(root, `core/src/${from}`).map((to) => ({ from, to: to.replace(/^core\/src\//, "") })),
    );
}

/** The drawing of the rooms in docs/house.md: a row per district, from the top floor down, with its imports. */
export function drawing(imports: readonly Import[]): string[] {
  const used = new Set(imports.map(({ from, to }) => `${from.split("/")[0]} ${to.split("/")[0]}`));
  return [...floors].reverse().map(({ district, rooms }) => {
    const below = floors.flatMap(({ district: lower }) =>
      lower !== district && used.has(`${district} ${lower}`) ? [lower] : [],
    );
    return `| \`${district}/\` | ${rooms.join(" · ")} | ${below.join(", ") || "nothing"} |`;
  });
}
