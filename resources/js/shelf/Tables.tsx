import type { ShelfTable } from "../api/generated/shelf";
import { Panel } from "../kit/Panel";

/** The published tables, each with where it is published. */
export function Tables({ tables }: { tables: ShelfTable[] }) {
  return (
    <div className="grid items-start gap-4 md:grid-cols-2 xl:grid-cols-3">
      {tables.map((table) => (
        <Panel key={table.name} title={table.name}>
          <table className="table w-full text-sm">
            <thead>
              <tr>
                {table.columns.map((column, at) => (
                  <th key={column} className={at === 0 ? "" : "text-right!"}>
                    {column}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {table.rows.map((row) => (
                <tr key={row.cells[0]}>
                  {row.cells.map((cell, at) => (
                    <td key={table.columns[at]} className={at === 0 ? "font-semibold" : "text-right! font-mono"}>
                      {cell}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          <p className="mt-3 text-sm text-muted">Source: {table.source}.</p>
        </Panel>
      ))}
    </div>
  );
}
