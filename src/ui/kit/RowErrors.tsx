import { ScrollTable } from './ScrollTable';

/** What is wrong with a table that was read, row by row, and what to do about it. */
export function RowErrors({
  errors,
}: {
  errors: readonly { readonly row: number; readonly column: string; readonly message: string }[];
}) {
  return (
    <ScrollTable tabIndex={0}>
      <table aria-label="Errors, row by row">
        <thead>
          <tr>
            <th>Row</th>
            <th>Column</th>
            <th>What to do</th>
          </tr>
        </thead>
        <tbody>
          {errors.map((e, i) => (
            <tr key={i}>
              <td>{e.row}</td>
              <td>{e.column}</td>
              <td>{e.message}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </ScrollTable>
  );
}
