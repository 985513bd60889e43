/** A file that cannot be a line list, and what to do about it. */
export declare class NotAList extends Error {}
/** Reads a file as text: UTF-8, UTF-16 with a mark, else the usual Western encoding, said so. */
export declare function readListFile(file: File): Promise<{
  text: string;
  note: string | null;
}>;
//# sourceMappingURL=read-file.d.ts.map
