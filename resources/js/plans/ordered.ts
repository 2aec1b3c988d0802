/** Those whose weighed scores come to least first. */
export function ordered<T>(
  entries: T[],
  scores: (entry: T) => Record<string, number>,
  weights: Record<string, number>,
): T[] {
  const total = (entry: T) =>
    Object.entries(scores(entry)).reduce((sum, [criterion, score]) => sum + (weights[criterion] ?? 0) * score, 0);
  return [...entries].sort((a, b) => total(a) - total(b));
}
