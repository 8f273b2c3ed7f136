/** NUL and halves of surrogate pairs are valid JSON that PostgreSQL cannot keep. Walks without recursion: nesting may be deep. */
export function isStorable(json: unknown): boolean {
  const rest: unknown[] = [json];
  while (rest.length > 0) {
    const value = rest.pop();
    if (typeof value === 'string') {
      if (/\0|\p{Surrogate}/u.test(value)) return false;
    } else if (value !== null && typeof value === 'object') {
      for (const [key, inner] of Object.entries(value)) rest.push(key, inner);
    }
  }
  return true;
}
