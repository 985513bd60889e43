import { useRef } from "react";

/** Lets the user pick or drop the files of a catalogue. */
export function PickFiles({
  state,
  onFiles,
}: {
  state: "idle" | "reading" | "saving";
  onFiles: (files: readonly File[]) => void;
}) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: dropping is a shortcut; the button does the same
    <div
      className="border border-dashed border-rule p-3 text-center"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        onFiles([...event.dataTransfer.files]);
      }}
    >
      <button
        type="button"
        className="act"
        disabled={state !== "idle"}
        onClick={() => picker.current?.click()}
      >
        {state === "reading" ? "Reading …" : "Select files"}
      </button>
      <span className="ml-2 text-dim">or drop them here</span>
      <input
        ref={picker}
        type="file"
        multiple
        accept=".json,.zip,.csv"
        className="sr-only"
        aria-label="catalogue files"
        tabIndex={-1}
        onChange={(event) => {
          onFiles([...(event.target.files ?? [])]);
          event.target.value = "";
        }}
      />
    </div>
  );
}
