/** Words people use for what the list calls otherwise. */
const ALIKE: Record<string, string> = {
  dead: "never runs one does not",
  nothing: "never runs clicks nothing",
  "does not run": "never runs",
  traffic: "traffic warm hot",
  cold: "warm air",
  ac: "air conditioning",
  "a/c": "air conditioning",
  hot: "hot overheats",
  noise: "buzzes",
  slow: "weakly low",
  switch: "dash switch",
  always: "never stops",
  flat: "flat battery",
  ignition: "key",
};

/** Entries that share a word with what is typed, those that share most first; all of them while nothing is typed. */
export function matching<T extends { says: string }>(entries: T[], typed: string): T[] {
  const wish = typed.toLowerCase();
  const widened = Object.entries(ALIKE).reduce(
    (words, [said, meant]) => (wish.includes(said) ? `${words} ${meant}` : words),
    wish,
  );
  const words = [...new Set(widened.split(/[^\p{L}]+/u).filter((word) => word.length > 2 && word !== "the"))];
  if (words.length === 0) {
    return entries;
  }
  const shares = (entry: T) => words.filter((word) => entry.says.toLowerCase().includes(word)).length;
  return entries
    .map((entry) => ({ entry, count: shares(entry) }))
    .filter(({ count }) => count > 0)
    .sort((a, b) => b.count - a.count)
    .map(({ entry }) => entry);
}
