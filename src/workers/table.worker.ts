import { expose } from "comlink";
import { previewCsv, type PreviewInput } from "./preview";

/** Reads a pasted or dropped table away from the page, so that typing goes on. */
const api = { preview: (input: PreviewInput) => previewCsv(input) };
export type TableWorker = typeof api;

expose(api);
