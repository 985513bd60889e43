import type { PrintedDocument } from "@proven-seat/core/outcome/documents";
import { BlockView } from "./blocks.tsx";

/** Any printed document on screen: the words and drawings of its paper. */
export function DocumentView({ printed, name }: { printed: PrintedDocument; name: string }) {
  return (
    <article aria-label={name} className="mt-4 border border-rule bg-lift p-5">
      <header className="flex items-baseline justify-between gap-4">
        <h2 className="text-[15px]">{printed.name}</h2>
        <span className="text-[16px] font-semibold">{printed.of}</span>
      </header>
      <p className="flex justify-between gap-4 border-b border-rule pb-1.5 text-dim">
        <span>{printed.where}</span>
        <span>{printed.issued}</span>
      </p>
      {printed.blocks.map((block, index) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: blocks have a fixed order and no names
        <BlockView key={index} block={block} />
      ))}
      <footer className="mt-3 border-t border-rule pt-1 text-[11px] text-dim">
        <p>{printed.fingerprint.madeOf}</p>
        <p className="figures truncate text-[11px]!" title={printed.fingerprint.digest}>
          {printed.fingerprint.digest}
        </p>
      </footer>
    </article>
  );
}
