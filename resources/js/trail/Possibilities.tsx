import type { Trail } from "../api/generated/trail";
import { capital } from "../kit/capital";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";

/** Less than this is not worth a line. */
const LEAST_SHARE = 0.005;

/** What it may be, the likeliest first, and whether it may be something nobody has listed. */
export function Possibilities({ trail }: { trail: Trail }) {
  const text = useText();
  return (
    <Panel
      title="What it may be"
      aside={
        <span className="text-sm text-muted">
          {trail.count} {trail.count === 1 ? "possibility" : "possibilities"}
        </span>
      }
    >
      {!trail.isExplained && (
        <p role="alert" className="mb-2 border-l-4 border-l-warning pl-3">
          ◆ Nothing known does all of that at once. Nearest is:
        </p>
      )}
      {trail.doubt !== null && (
        <p role="alert" className="mb-2 border-l-4 border-l-warning pl-3">
          ◆ {text(trail, "doubt")}
        </p>
      )}
      <ol className="grid gap-1">
        {trail.places.map((place) => (
          <li key={place.id} className="grid grid-cols-[3rem_4rem_minmax(0,1fr)] items-center gap-2">
            <span className="text-right font-mono font-bold">{Math.round(100 * place.share)} %</span>
            <meter className="w-16" min={0} max={1} value={place.share} aria-label={text(place, "says")} />
            <span>{capital(text(place, "says"))}</span>
          </li>
        ))}
        {trail.unlisted >= LEAST_SHARE && (
          <li className="grid grid-cols-[3rem_4rem_minmax(0,1fr)] items-center gap-2">
            <span className="text-right font-mono font-bold">{Math.round(100 * trail.unlisted)} %</span>
            <meter
              className="w-16"
              min={0}
              max={1}
              value={trail.unlisted}
              aria-label="Something that is not on this list"
            />
            <span>Something that is not on this list</span>
          </li>
        )}
      </ol>
      {trail.count > trail.places.length && (
        <p className="mt-1 text-muted">and {trail.count - trail.places.length} less likely</p>
      )}
    </Panel>
  );
}
