/** An id that no item of the list has. */
export function freshId(stem: string, taken: readonly { readonly id: string }[]): string {
  const ids = new Set(taken.map((t) => t.id));
  for (let i = 1; ; i++) if (!ids.has(`${stem}${i}`)) return `${stem}${i}`;
}
