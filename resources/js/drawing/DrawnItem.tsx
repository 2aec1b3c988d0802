import type { Bench } from "../api/generated/bench";
import type { DrawnItem as ItemOfDrawing } from "../api/generated/saved-job";
import { digits, kindOf, useShown } from "../kit/units";
import { signOf, spokenFate } from "./altered";
import { isHeld, press, type Drawn } from "./drawn";
import { Share } from "./Share";
import { DrawnTerminal } from "./DrawnTerminal";
import { Blades, Shapes } from "./symbols";

/** What a part does now, in words. */
function stateOf(
  fan: Bench["fans"][string] | undefined,
  relay: Bench["relays"][string] | undefined,
  conducts: boolean | undefined,
) {
  if (fan !== undefined) {
    return fan.isTurning ? `turning, ${digits(fan.currentA)} A` : "at rest";
  }
  if (relay !== undefined) {
    return relay.isPulledIn ? "pulled in" : "released";
  }
  return conducts === true ? "closed" : "open";
}

/** A part on its thread, with its terminals. */
export function DrawnItem({ item, drawn }: { item: ItemOfDrawing; drawn: Drawn }) {
  const show = useShown();
  const path = drawn.bench?.paths[item.path];
  const component = drawn.design.components.find((candidate) => candidate.id === item.component);
  const relay = drawn.bench?.relays[item.component];
  const fan = drawn.bench?.fans[item.component];
  const worst = drawn.worst[item.component];
  const held = isHeld(drawn.held, "component", item.component);
  const isFan = item.symbol === "motor";
  const lit = path?.isCarrying === true;
  const fate = drawn.fates?.[item.component];
  return (
    <g transform={`translate(${item.x} ${item.y})`}>
      <g
        {...press(() => {
          drawn.onHold({ kind: "component", id: item.component });
        })}
        aria-label={`${item.mark}, ${item.name}${component?.part ? `, ${component.part}` : ""}${drawn.bench ? `, ${stateOf(fan, relay, path?.conducts)}` : ""}${spokenFate(fate)}`}
        className="cursor-pointer"
      >
        <rect x={-24} y={-30} width={48} height={72} rx={3} className={held ? "fill-sunk" : "fill-transparent"} />
        <Share share={drawn.shares?.[item.component]} x={0} y={-26} />
        {lit && item.symbol !== "coil" && !isFan && <path d="M-26 0H26" className="glow" />}
        {item.symbol === "coil" && relay?.isPulledIn && (
          <rect x={-16} y={-12} width={32} height={24} className="fill-lamp opacity-50" />
        )}
        {isFan && fan?.isTurning ? (
          <Blades speedShare={fan.speedShare} />
        ) : (
          <Shapes shapes={item.shapes} isClosed={path?.conducts ?? false} />
        )}
        <text y={36} textAnchor="middle" className="fill-ink text-[15px] font-bold">
          {item.mark}
          {signOf(fate)}
          {worst !== undefined && (
            <tspan className={worst === "danger" ? "fill-danger" : "fill-warning"}>
              {worst === "danger" ? " ▲" : " ◆"}
            </tspan>
          )}
        </text>
        {item.figure && (
          <text y={52} textAnchor="middle" className="fill-muted text-[13px]">
            {show(item.figure.value, kindOf(item.figure.unit))}
          </text>
        )}
      </g>
      <g transform={`translate(${-item.x} ${-item.y})`}>
        {item.terminals.map((terminal) => (
          <DrawnTerminal
            key={terminal.id}
            terminal={terminal}
            label={terminal.number}
            isLeft={terminal.x < item.x}
            drawn={drawn}
          />
        ))}
      </g>
    </g>
  );
}
