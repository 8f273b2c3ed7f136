/** A grip hitch wants a softer cord of this part of the host’s diameter. Source: common practice. */
export const GRIP_CORD = { least: 0.6, most: 0.8 } as const;
