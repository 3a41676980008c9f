export { LogbookProvider, useLogbook, type Logbook, type LogbookData, type Outcome } from "./LogbookProvider";
