import { useJob } from "../job/JobContext";
import { useTexts } from "../kit/messages";

/** Every set of positions of the dash switches, and which fans then run: read off the solved circuit. */
export function OverrideTruth() {
  const { overrideTable: table } = useJob().job.design;
  const texts = useTexts();
  if (table === null) {
    return null;
  }
  const shown = (runs: boolean) => (runs ? "runs" : "stands");
  return (
    <div className="overflow-x-auto">
      <table className="table w-full">
        <caption className="field-label text-left">What the switches do, key on and engine idling</caption>
        <thead>
          <tr>
            {texts(table, "switches").map((name) => (
              <th key={name} scope="col">
                {name}
              </th>
            ))}
            {table.fans.map((fan) => (
              <th key={fan} scope="col">
                {fan}, cold / hot
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.map((row) => {
            const positions = texts(row, "positions");
            return (
              <tr key={positions.join()}>
                {positions.map((position, at) => (
                  <td key={at} className="font-semibold">
                    {position}
                  </td>
                ))}
                {row.cold.map((cold, at) => {
                  const hot = row.hot[at] ?? false;
                  return (
                    <td key={at}>
                      {shown(cold)} / <b className={hot ? "" : "text-warning"}>{shown(hot)}</b>
                    </td>
                  );
                })}
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
