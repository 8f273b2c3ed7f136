/** News of a talk for everybody: it went on. */
export const stepTopic = (talkId: string): string => `talk:${talkId}`;
/** News for the screen alone: somebody came, or answered. */
export const answersTopic = (talkId: string): string => `talk-answers:${talkId}`;
