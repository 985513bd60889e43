export { type ListFile, readListFile } from "./file.ts";
export { gridsOfWorkbook } from "./read.ts";
export { type SheetToWrite, workbookOf } from "./write.ts";
