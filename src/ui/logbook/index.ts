export { LogComes } from "./LogComes";
export { useLog } from "./useLog";
export { saying, useLogbook, type Logbook, type LogbookData, type Outcome } from "./context";
export { LogbookProvider } from "./LogbookProvider";
