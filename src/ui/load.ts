/** Loads a page as if it was opened: what another person's pages kept in memory is not shown to the next. */
export function loadAnew(address: string): void {
  // The router would keep that memory.
  // eslint-disable-next-line @next/next/no-location-assign-relative-destination
  window.location.assign(address);
}
