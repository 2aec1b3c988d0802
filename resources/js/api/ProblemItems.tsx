import type { Problem } from "./generated/problem";

/** What is wrong, place by place, as items of a list. */
export function ProblemItems({ problems }: { problems: Problem[] }) {
  return problems.map((problem) => (
    <li key={problem.at + problem.message}>
      {problem.at !== "" && <code className="mr-2 font-mono text-sm font-semibold">{problem.at}</code>}
      {problem.message}
    </li>
  ));
}
