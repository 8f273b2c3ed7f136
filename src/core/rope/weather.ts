/** Weather the rope works in. Wet and frozen exclude each other, hence one field. */
export const WEATHERS = ['dry', 'wet', 'frozen'] as const;
