import type { SavedJob } from "../api/generated/saved-job";

/** What is drawn of a difference: in the vehicle as it leaves what comes, as it was found what goes. */
export type Fate = "comes" | "goes";

/** What becomes of each part and wire; none for what stays, or where nothing was found. */
export function fatesOf({ altered, state }: Pick<SavedJob, "altered" | "state">): Record<string, Fate> {
  const fate = state === "leaves" ? "comes" : "goes";
  return Object.fromEntries((altered?.[fate] ?? []).map((id) => [id, fate]));
}

const SIGNS: Record<Fate, string> = { comes: "+", goes: "✕" };

/** A sign beside a mark, so that colour and line do not speak alone. */
export const signOf = (fate: Fate | undefined) => (fate === undefined ? "" : ` ${SIGNS[fate]}`);

export const spokenFate = (fate: Fate | undefined) => (fate === undefined ? "" : `, ${fate}`);

/** What the signs mean, under a drawing that has any. */
export function FateKey({ fates }: { fates: Record<string, Fate> }) {
  const fate = Object.values(fates)[0];
  return fate === undefined ? null : (
    <p className="mt-1 text-sm text-muted">
      {fate === "comes"
        ? "Strong lines and + : what comes. Thin lines: what stays."
        : "Broken lines and ✕ : what goes."}
    </p>
  );
}
