import { configure } from "@zip.js/zip.js";

// Packing and unpacking run where they are called: a worker of ours, or the server.
configure({ useWebWorkers: false });

/** The document of a set's file, the first in its container. */
export const DOCUMENT = "set-file.json";

/** Where the bytes of a file lie, or its small picture. */
export const placeOf = (id: string, small: boolean): string => `${small ? "thumbs" : "files"}/${id}`;

/** How a zip begins. */
export const ZIP_MARK = [0x50, 0x4b, 0x03, 0x04];
