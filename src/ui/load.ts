/** Loads a page as if it was opened: what another person's pages kept in memory is not shown to the next. */
export function loadAnew(address: string): void {
  window.location.assign(address);
}
