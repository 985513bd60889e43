import { useState } from "react";
import { useNavigate } from "react-router";
import { call } from "../../app/api.ts";
import { useAddress } from "../../app/project.ts";
import { queryClient } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";
import { useBench } from "../../bench/bench-store.ts";
import { dropDraft } from "../../bench/drafts.ts";
import { SheetDialog } from "../../parts/sheet-dialog.tsx";

/** Removes a tag without issued sheets; the server refuses one that has some. */
export function RemoveDialog({
  tagId,
  number,
  onClose,
}: {
  tagId: string;
  number: string;
  onClose: () => void;
}) {
  const [failure, setFailure] = useState<string | null>(null);
  const navigate = useNavigate();
  const address = useAddress();
  const remove = async () => {
    try {
      const { version } = useBench.getState();
      await call("deleteTag", { parameters: { id: tagId }, query: { version: String(version) } });
      dropDraft(tagId);
      useBench.setState({ tagId: null, content: null });
      void queryClient.invalidateQueries({ queryKey: queryKeys.tags() });
      void navigate(address("/line-up"));
    } catch (error) {
      setFailure((error as Error).message);
    }
  };
  return (
    <SheetDialog
      open
      onClose={onClose}
      title={`Remove ${number}?`}
      says="The tag is removed from the line-up. This cannot be undone. Tags with issued sheets are kept."
    >
      {failure && (
        <p role="alert" className="mb-3 text-fails">
          {failure}
        </p>
      )}
      <div className="flex gap-3">
        <button type="button" className="act-first" onClick={() => void remove()}>
          Remove the tag
        </button>
        <button type="button" className="act" onClick={onClose}>
          Cancel
        </button>
      </div>
    </SheetDialog>
  );
}
