/** Opens the working of the figure in focus, else of the line in focus, else of the first figure of a room. */
export function pressWorking(room: HTMLElement | null): void {
  const active = document.activeElement;
  const target =
    active?.closest('[data-working]') ??
    active?.closest('[data-line]')?.querySelector('[data-working]') ??
    room?.querySelector('[data-working]');
  (target as HTMLElement | null | undefined)?.click();
}
