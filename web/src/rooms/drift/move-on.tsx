import type { Project } from "@proven-seat/contract";
import { useState } from "react";
import { call } from "../../app/api.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { SheetDialog } from "../../parts/sheet-dialog.tsx";
import type { Looked } from "./use-drift.ts";

interface Props {
  readonly project: Project;
  readonly to: Looked;
  /** Changes that come with it, in words. */
  readonly turns: string;
  readonly onClose: () => void;
}

/** The decision to prove a project on another catalogue or other house rules from now on. */
export function MoveOn({ project, to, turns, onClose }: Props) {
  const [reason, setReason] = useState("");
  const [failure, setFailure] = useState<string | null>(null);
  const move = async () => {
    try {
      await call("moveOn", {
        parameters: { id: project.id },
        body: { ...to, reason: reason.trim(), version: project.version },
      });
      await queryClient.invalidateQueries({ queryKey: queryKeys.projects() });
      onClose();
    } catch (error) {
      setFailure((error as Error).message);
      void queryClient.invalidateQueries({ queryKey: queryKeys.projects() });
    }
  };
  return (
    <SheetDialog
      open
      onClose={onClose}
      title={`Update ${project.name} to catalogue r${to.catalogueRevision} and house rules v${to.houseRuleVersion}`}
      says={`${turns} Issued sheets stay as they are. New sheets are proved with these.`}
    >
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          if (reason.trim() !== "") void move();
        }}
      >
        <label className="grid gap-1">
          <span>Reason for the update</span>
          <textarea
            className="border border-rule bg-lift p-1"
            rows={2}
            maxLength={1000}
            required
            value={reason}
            onChange={(e) => setReason(e.target.value)}
          />
        </label>
        {failure && (
          <p role="alert" className="text-fails">
            {failure}
          </p>
        )}
        <p className="flex gap-3">
          <button type="submit" className="act-first" disabled={reason.trim() === ""}>
            Update project
          </button>
          <button type="button" className="act" onClick={onClose}>
            Cancel
          </button>
        </p>
      </form>
    </SheetDialog>
  );
}
