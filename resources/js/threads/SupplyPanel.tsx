import type { SupplyBalance } from "../api/generated/saved-job";
import { Panel } from "../kit/Panel";
import { digits, volts } from "../kit/units";

/** What the charging system gives at idle against what is drawn, and what is drawn with the key out. */
export function SupplyPanel({ supply }: { supply: SupplyBalance }) {
  const drawn = supply.draws.reduce((sum, draw) => sum + draw.ampere, 0);
  const most = Math.max(drawn, supply.givesA, 1e-9);
  const bar = (ampere: number, tone: string) => (
    <div
      aria-hidden
      className={`h-3 rounded-[2px] ${tone}`}
      style={{ width: `${((100 * ampere) / most).toFixed(1)}%` }}
    />
  );
  return (
    <Panel title="Supply, everything on at idle">
      <table className="table w-full text-sm">
        <caption className="sr-only">Amperes given and drawn at idle</caption>
        <tbody>
          <tr className="font-semibold">
            <td>Alternator gives</td>
            <td className="w-1/3">{bar(supply.givesA, "bg-accent")}</td>
            <td className="text-right! font-mono whitespace-nowrap">{digits(supply.givesA)} A</td>
          </tr>
          {supply.draws.map((draw) => (
            <tr key={draw.name}>
              <td>{draw.name}</td>
              <td>{bar(draw.ampere, "bg-lit")}</td>
              <td className="text-right! font-mono whitespace-nowrap">{digits(draw.ampere)} A</td>
            </tr>
          ))}
          <tr className={`font-bold ${supply.balanceA < 0 ? "text-danger" : ""}`}>
            <td colSpan={2}>{supply.balanceA < 0 ? "▲ Out of the battery" : "Into the battery"}</td>
            <td className="text-right! font-mono whitespace-nowrap">{digits(Math.abs(supply.balanceA))} A</td>
          </tr>
        </tbody>
      </table>
      <ul className="mt-3 grid gap-1">
        <li>
          {volts(supply.busV)} at the battery
          {supply.hoursLeft === null
            ? "; it charges."
            : `; down to 70 % in ${digits(supply.hoursLeft)} h of idling so.`}
        </li>
        <li>
          Key out, cold: {digits(supply.keyOffA * 1000)} mA
          {supply.daysLeft === null || supply.daysLeft > 3650
            ? "; it starts next season too."
            : `; down to 70 % in ${digits(supply.daysLeft)} days.`}
        </li>
        {supply.afterRunAh > 0 && <li>One after-run takes {digits(supply.afterRunAh)} Ah.</li>}
        {supply.startDip !== null && (
          <li>
            {supply.startDip.fans > 1
              ? `${supply.startDip.fans} fans starting together pull the battery down to ${volts(supply.startDip.togetherV)}; one after the other, to ${volts(supply.startDip.apartV)}.`
              : `The fan’s start pulls the battery down to ${volts(supply.startDip.togetherV)}.`}
          </li>
        )}
      </ul>
    </Panel>
  );
}
