/** Papers a card is printed on, as the PDF library calls them. */
export const PAPERS = { a4: 'A4', letter: 'LETTER' } as const;
export type PaperId = keyof typeof PAPERS;
export const PAPER_IDS = Object.keys(PAPERS) as [PaperId, ...PaperId[]];
