export { type ListFile, readListFile } from "./file.ts";
export { type SheetToWrite, workbookOf } from "./write.ts";
