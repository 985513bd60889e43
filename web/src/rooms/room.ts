import type { ComponentType } from "react";

/** A room of the application: its address, its place in the header, how to get there. */
export interface Room {
  readonly path: string;
  /** Whether its address is below a project. */
  readonly inProject: boolean;
  /** Its place in the header; null for a room that is reached from another. */
  readonly header: { readonly name: string; readonly subtitle: string; readonly place: number } | null;
  /** Its entry in the command bar; null for a room that needs more than its address. */
  readonly goTo: string | null;
  /** Whether it works offline: its data is stored on the device. */
  readonly offline?: true;
  readonly load: () => Promise<ComponentType>;
}
