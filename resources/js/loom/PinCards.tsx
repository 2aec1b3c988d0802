import type { PinCard } from "../api/generated/saved-job";
import { useText } from "../kit/messages";

/** Every part as it is seen from the wire side: pins in their places, each with its wires and where they go. */
export function PinCards({ cards }: { cards: PinCard[] }) {
  return (
    <ul className="grid gap-4 md:grid-cols-2 xl:grid-cols-3 print:grid-cols-4 print:gap-1.5">
      {cards.map((card) => (
        <Card key={card.mark + card.name} card={card} />
      ))}
    </ul>
  );
}

function Card({ card }: { card: PinCard }) {
  const text = useText();
  const columns = Math.max(...card.pins.map((pin) => pin.column)) + 1;
  const isInPlaces = card.pins.some((pin) => pin.row > 0);
  return (
    <li className="break-inside-avoid border border-line p-3 print:p-1.5">
      <h3 className="mb-2 font-bold">
        <span className="font-mono">{card.mark}</span> {text(card, "name")}
      </h3>
      <dl
        className="grid gap-1.5"
        style={{ gridTemplateColumns: isInPlaces ? `repeat(${String(columns)}, minmax(0, 1fr))` : "minmax(0, 1fr)" }}
      >
        {card.pins.map((pin) => (
          <div
            key={pin.number}
            className="border border-line bg-sunk px-2 py-1 print:px-1 print:py-0"
            style={isInPlaces ? { gridColumn: pin.column + 1, gridRow: pin.row + 1 } : {}}
          >
            <dt className="font-mono font-bold">{pin.number}</dt>
            <dd className="text-sm">
              {pin.wires.length === 0 && <span className="text-muted">free</span>}
              {pin.wires.map((wire) => (
                <span key={wire.wire} className="block">
                  <b className="font-mono">{wire.wire}</b> {wire.colour}, {wire.size}
                  <span className="block text-muted print:inline"> to {wire.to}</span>
                </span>
              ))}
            </dd>
          </div>
        ))}
      </dl>
    </li>
  );
}
