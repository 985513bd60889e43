import type { Catalogue } from "@proven-seat/core/equipment/catalogue";
import { useState } from "react";
import { Changes } from "./changes.tsx";
import type { ReadCatalogue } from "./use-catalogue-import.ts";

interface Props extends Pick<ReadCatalogue, "changes"> {
  catalogue: Catalogue;
  revision: number;
  idle: boolean;
  onPut: (reason: string) => void;
  onLeave: () => void;
}

/** Shows the changes of a valid catalogue and stores it, with a reason. */
export function ImportRevision({ catalogue, changes, revision, idle, onPut, onLeave }: Props) {
  const [reason, setReason] = useState("");
  return (
    <form
      className="grid gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        onPut(reason);
      }}
    >
      <p>
        <strong>{catalogue.name}</strong>: {catalogue.lines.length} lines, {catalogue.drives.length} actuator
        families, {catalogue.accessories.length} of accessories, no fault. Against revision {revision}:
      </p>
      <Changes changes={changes} />
      {changes.length > 0 && (
        <>
          <label className="grid gap-1">
            <span>Source of the catalogue</span>
            <input
              className="field border-b-rule!"
              required
              maxLength={500}
              value={reason}
              onChange={(event) => setReason(event.target.value)}
            />
          </label>
          <p className="flex gap-3">
            <button type="submit" className="act-first" disabled={reason.trim() === "" || !idle}>
              Put revision {revision + 1} on the shelf
            </button>
            <button type="button" className="quiet" onClick={onLeave}>
              cancel
            </button>
          </p>
        </>
      )}
    </form>
  );
}
