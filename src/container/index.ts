/** A set's file as it travels: a zip with the document, and the photos and files beside it. */
export { openContainer, type Container } from "./open";
export { packContainer } from "./pack";
