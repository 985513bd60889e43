import type { HouseRuleVersion } from "@proven-seat/contract";
import type { HouseRules } from "@proven-seat/core/basis/house";
import { useState } from "react";
import { call } from "../../app/api.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";

interface Props {
  house: HouseRuleVersion;
  draft: HouseRules;
  /** Something is changed, and nothing is at fault. */
  ready: boolean;
  onLeave: () => void;
}

/** Stores changed rules as the next version, with a reason. Refused if somebody else stored one meanwhile. */
export function PutInForce({ house, draft, ready, onLeave }: Props) {
  const [reason, setReason] = useState("");
  const [saving, setSaving] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const save = async () => {
    setSaving(true);
    setRefused(null);
    try {
      await call("newHouseRules", {
        body: { values: draft, reason: reason.trim(), basedOn: house.version },
      });
      await Promise.all(
        [queryKeys.houseRules(), queryKeys.houseRuleVersions()].map((queryKey) =>
          queryClient.invalidateQueries({ queryKey }),
        ),
      );
      onLeave();
    } catch (error) {
      setRefused((error as Error).message);
    }
    setSaving(false);
  };
  return (
    <form
      className="grid gap-2 border-y border-rule py-3"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <label className="grid gap-1">
        <span>Reason for the change</span>
        <textarea
          className="border border-rule bg-lift p-1"
          rows={2}
          maxLength={500}
          required
          value={reason}
          onChange={(event) => setReason(event.target.value)}
        />
      </label>
      <p className="flex items-center gap-3">
        <button type="submit" className="act-first" disabled={!ready || reason.trim() === "" || saving}>
          Put version {house.version + 1} in force
        </button>
        <button type="button" className="quiet" onClick={onLeave}>
          discard changes
        </button>
      </p>
      {refused !== null && (
        <p role="alert" className="text-fails">
          {refused}
        </p>
      )}
    </form>
  );
}
