import { useState } from "react";
import { useBench } from "../../bench/bench-store.ts";
import { FieldRow } from "./field-row.tsx";

/** A text that is parsed; invalid text stays as typed with the reason below. */
export function ReadText({
  label,
  path,
  shown,
  read,
  says,
  fault,
  placeholder = "not stated",
  title,
  figures = false,
}: {
  label: string;
  path: string;
  shown: string;
  read: (text: string) => boolean;
  says: string;
  fault: string | undefined;
  placeholder?: string;
  title?: string | undefined;
  /** Set in the face of figures. */
  figures?: boolean;
}) {
  const unreadable = useBench((s) => s.unreadable[path]);
  const { setUnreadable, clearUnreadable } = useBench.getState();
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <FieldRow
      label={label}
      path={path}
      fault={unreadable === undefined ? fault : says.replace("…", unreadable)}
    >
      <input
        className={`field ${figures ? "figures" : ""}`}
        aria-label={label}
        aria-invalid={unreadable !== undefined || fault !== undefined}
        placeholder={placeholder}
        title={title}
        value={typed ?? unreadable ?? shown}
        onChange={(e) => {
          setTyped(e.target.value);
          if (read(e.target.value)) clearUnreadable(path);
          else setUnreadable(path, e.target.value);
        }}
        onBlur={() => setTyped(null)}
      />
    </FieldRow>
  );
}
