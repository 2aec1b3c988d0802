import type { TrailPlace } from "../api/generated/trail";
import { capital } from "../kit/capital";
import { useText } from "../kit/messages";

/** Where what comes and goes is looked for, and how it is caught. */
export function WhenBack({ places }: { places: TrailPlace[] }) {
  const text = useText();
  if (places.length === 0) {
    return null;
  }
  return (
    <div className="mt-3">
      <p className="field-label">When it is back, look here first</p>
      <ol className="list-decimal pl-6">
        {places.map((place) => (
          <li key={place.id}>{capital(text(place, "says"))}</li>
        ))}
      </ol>
      <p className="mt-1 text-muted">
        Leave a lamp or a meter on the first of them, and do not touch plugs and wires until it is there again.
      </p>
    </div>
  );
}
