export { workbookOf } from "@proven-seat/core/duty/workbook";
