export * from "./circuit";
