import type { WireRow } from "../api/generated/saved-job";
import { Panel } from "../kit/Panel";
import { digits, useShown } from "../kit/units";

/** The wires to cut; below them those that are there already, which nobody cuts. */
export function CutList({ wires }: { wires: readonly WireRow[] }) {
  const there = wires.filter((wire) => wire.isThere);
  const cut = wires.filter((wire) => !wire.isThere);
  return (
    <Panel title="Cut">
      {cut.length === 0 && <p className="mb-2">Nothing is cut: every wire is there already.</p>}
      <div className="overflow-x-auto">
        <table className="table w-full">
          <thead>
            <tr>
              <th>Wire</th>
              <th>From</th>
              <th>To</th>
              <th>Colour</th>
              <th>Size</th>
              <th className="text-right!">Length</th>
              <th>Terminal at each end</th>
              <th className="text-right!">At most</th>
            </tr>
          </thead>
          <tbody>
            {cut.map((wire) => (
              <Row key={wire.id} wire={wire} />
            ))}
          </tbody>
          {there.length > 0 && (
            <tbody>
              <tr>
                <th colSpan={8} scope="rowgroup" className="pt-4!">
                  There already, nothing to cut
                </th>
              </tr>
              {there.map((wire) => (
                <Row key={wire.id} wire={wire} />
              ))}
            </tbody>
          )}
        </table>
      </div>
    </Panel>
  );
}

function Row({ wire }: { wire: WireRow }) {
  const show = useShown();
  return (
    <tr>
      <td className="font-mono font-bold">{wire.id}</td>
      <td className="font-mono whitespace-nowrap">{wire.from}</td>
      <td className="font-mono whitespace-nowrap">{wire.to}</td>
      <td>
        {wire.colourName} <span className="text-muted">{wire.colour}</span>
      </td>
      <td className="font-semibold whitespace-nowrap">
        {wire.size}
        {wire.isThere && <span className="block text-sm font-normal text-muted">there already</span>}
      </td>
      <td className="text-right! font-mono whitespace-nowrap">{show(wire.lengthM, "length")}</td>
      <td className="text-sm">
        {wire.fromTerminal === wire.toTerminal
          ? `${wire.fromTerminal}, both`
          : `${wire.fromTerminal}; ${wire.toTerminal}`}
      </td>
      <td className="text-right! font-mono whitespace-nowrap">{digits(wire.greatestA)} A</td>
    </tr>
  );
}
