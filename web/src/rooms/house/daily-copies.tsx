import { keepingSchema } from "@proven-seat/contract";
import { useState } from "react";
import { call } from "../../app/api.ts";
import { queryClient, useKeeping } from "../../app/queries.ts";
import { queryKeys } from "../../app/query-keys.ts";

/** Number of daily copies of the database: not a house rule, because no proof depends on it. */
export function DailyCopies() {
  const keeping = useKeeping();
  const [typed, setTyped] = useState<string | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  if (keeping.error) return <p className="text-fails">{keeping.error.message}</p>;
  if (!keeping.data) return <p className="text-dim">Reading …</p>;
  const { copies, version } = keeping.data;
  const text = typed ?? String(copies);
  const read = keepingSchema.shape.copies.safeParse(text.trim() === "" ? Number.NaN : Number(text));
  const fault = read.success ? null : read.error.issues[0]!.message;
  const save = async () => {
    if (!read.success || read.data === copies) return;
    try {
      const now = await call("changeKeeping", { body: { copies: read.data, version } });
      queryClient.setQueryData(queryKeys.keeping(), now);
      setTyped(null);
      setFailure(null);
    } catch (error) {
      setFailure((error as Error).message);
      await queryClient.invalidateQueries({ queryKey: queryKeys.keeping() });
    }
  };
  return (
    <form
      className="grid gap-1"
      onSubmit={(e) => {
        e.preventDefault();
        void save();
      }}
    >
      <p className="flex items-baseline gap-2">
        <label htmlFor="daily-copies">Copies kept</label>
        <input
          id="daily-copies"
          className="field figures w-14! border-b-rule! text-right"
          inputMode="numeric"
          value={text}
          aria-invalid={fault !== null}
          aria-describedby="about-daily-copies"
          onChange={(e) => setTyped(e.target.value === String(copies) ? null : e.target.value)}
        />
        {typed !== null && (
          <>
            <button type="submit" className="act" disabled={fault !== null}>
              Number of copies
            </button>
            <button
              type="button"
              className="quiet"
              onClick={() => {
                setTyped(null);
                setFailure(null);
              }}
            >
              discard changes
            </button>
          </>
        )}
      </p>
      {(fault ?? failure) && (
        <p role="alert" className="text-fails">
          {fault ?? failure}
        </p>
      )}
      <p id="about-daily-copies" className="text-[12px] text-dim">
        One copy of the whole database per day, in the folder "copies" beside the database. The oldest copy is
        deleted. With 0 no copies are made. Proofs do not depend on this.
      </p>
    </form>
  );
}
