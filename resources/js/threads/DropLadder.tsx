import type { Ladder } from "../api/generated/saved-job";
import { volts } from "../kit/units";

/** Volts lost at each step from the battery to the load and back; the largest loss is named. */
export function DropLadder({
  ladder,
  limitPercent,
  systemV,
}: {
  ladder: Ladder;
  limitPercent: number;
  systemV: number;
}) {
  const lost = ladder.rungs.reduce((sum, rung) => sum + rung.volts, 0);
  const largest = ladder.rungs.reduce((most, rung) => (rung.volts > most.volts ? rung : most), { name: "", volts: 0 });
  const row = (name: string, value: string, share: number, isLargest = false) => (
    <tr key={name} className={isLargest ? "font-bold" : ""}>
      <th scope="row">{name}</th>
      <td className="w-2/5">
        <div
          aria-hidden
          className="h-3 rounded-[2px] bg-lit"
          style={{ width: `${Math.max(1, share * 100).toFixed(1)}%` }}
        />
      </td>
      <td className="text-right! font-mono whitespace-nowrap">{value}</td>
    </tr>
  );
  const rows = (isReturn: boolean) =>
    ladder.rungs
      .filter((rung) => rung.isReturn === isReturn)
      .map((rung) => row(rung.name, volts(rung.volts), rung.volts / Math.max(largest.volts, 1e-9), rung === largest));
  return (
    <div>
      <table className="table w-full text-sm">
        <caption className="sr-only">Volts lost on the way</caption>
        <tbody>
          <tr className="font-semibold">
            <td colSpan={2}>Battery +</td>
            <td className="text-right! font-mono">{volts(ladder.supplyV)}</td>
          </tr>
          {rows(false)}
          <tr className="font-semibold">
            <td colSpan={2}>At the load</td>
            <td className="text-right! font-mono">{volts(ladder.loadV)}</td>
          </tr>
          {rows(true)}
        </tbody>
      </table>
      <p className="mt-2">
        Lost {volts(lost)}, {((100 * lost) / systemV).toFixed(1)} % of {systemV} V; {limitPercent} % are allowed.
        {largest.volts > 0 && (
          <>
            {" "}
            Most in <b>{largest.name}</b>.
          </>
        )}
      </p>
    </div>
  );
}
