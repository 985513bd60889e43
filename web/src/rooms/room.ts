import type { ComponentType } from "react";

/** A room of the application: its address, where it stands in the header, how to get there. */
export interface Room {
  readonly path: string;
  /** Whether its address stands below a project. */
  readonly inProject: boolean;
  /** In the header; null for a room that is reached from another. */
  readonly header: { readonly name: string; readonly place: number } | null;
  /** In the command bar; null for a room that needs to know more than its address. */
  readonly goTo: string | null;
  /** Whether it is worked in where no server may be in reach: what it showed is kept on the device. */
  readonly offline?: true;
  readonly load: () => Promise<ComponentType>;
}
