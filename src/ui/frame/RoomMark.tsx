/** Line drawings beside the rooms' names, in the name's colour: one path each. */
const MARKS = {
  /** A rope down with tags on it. */
  today: 'M6 1v22M6 6h5M11 3h13v6H11zM6 16h5M11 13h9v6h-9z',
  /** A lorry with its deck. */
  loads:
    'M5 18H2V5h15v13h-7M17 10h5l4 4v4h-2M5 18a2 2 0 1 0 5 0 2 2 0 1 0-5 0M19 18a2 2 0 1 0 5 0 2 2 0 1 0-5 0',
  /** A coil with its end hanging. */
  locker:
    'M3.5 10.5a9.5 8.5 0 1 0 19 0 9.5 8.5 0 1 0-19 0M7.4 10.5a5.6 4.8 0 1 0 11.2 0 5.6 4.8 0 1 0-11.2 0M13 2V.9M22.3 12.5c1.8 3.4 1 7.3-1.3 10',
  /** A hand's rope round a turn. */
  bench: 'M2 5h9a5 5 0 0 1 5 5v10M12.5 16.5 16 20.5l3.5-4M16 10a5 5 0 0 1 9 0c0 3-2 5-5 5M21 10v1',
  /** A rope's loop. */
  knots: 'M2 17h8c5 0 9-3 9-7a5 5 0 0 0-10 0c0 2 1 4 3 5.4M15 17h11',
  /** A tag with a line on it. */
  drills: 'M3 4h16l6 8-6 8H3zM8 12h8',
  /** A book of lines with a rope through its back. */
  log: 'M7 2h16v20H7zM11 7h8M11 12h8M11 17h5M4 5c3 0 3 2 0 2M4 11c3 0 3 2 0 2M4 17c3 0 3 2 0 2',
  /** Two heads side by side. */
  crew: 'M6 8a4 4 0 1 0 8 0 4 4 0 1 0-8 0M2 21c0-5 4-7 8-7s8 2 8 7M18 4a4 4 0 0 1 0 8M22 15l4 6',
} as const;

/** The drawing of a room; its name stands beside it. */
export function RoomMark({ of }: { of: keyof typeof MARKS }) {
  return (
    <svg
      width="28"
      height="24"
      viewBox="0 0 28 24"
      aria-hidden
      fill="none"
      stroke="currentColor"
      strokeWidth="1.9"
    >
      <path d={MARKS[of]} />
    </svg>
  );
}
