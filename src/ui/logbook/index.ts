export { LogComes } from "./LogComes";
export { grammar, useGrammar } from "./grammar";
export { useLineContext } from "./useLineContext";
export { useLineOf } from "./useLineOf";
export { useLog } from "./useLog";
export { saying, useLogbook, type Logbook, type LogbookData, type Outcome } from "./context";
export { LogbookProvider } from "./LogbookProvider";
