import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useSearchParams } from "react-router";
import { api, type Refused } from "../api/client";
import { keys } from "../api/keys";
import type { PracticeOverview } from "../api/generated/practice";
import type { PracticeRequest } from "../api/generated/practice-request";
import type { PracticeRun } from "../api/generated/practice-run";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { useText } from "../kit/messages";
import { Page } from "../shell/Page";

const NAME_KEY = "lamp-thread/practice-name";

const GRADES: { grade: NonNullable<PracticeRequest["grade"]>; name: string; about: string }[] = [
  { grade: "easy", name: "Easy", about: "what fails often" },
  { grade: "medium", name: "Medium", about: "joints, plugs, sensors, coolant" },
  { grade: "hard", name: "Hard", about: "what is seldom met" },
  { grade: "missed", name: "What I miss most", about: "the kind with the lowest score" },
];

/** Lessons on hidden faults, and any job of the workshop to practise on. */
export function Practice() {
  const text = useText();
  const navigate = useNavigate();
  const [query] = useSearchParams();
  const job = query.get("job");
  const [person, setPerson] = useState(() => localStorage.getItem(NAME_KEY) ?? "");
  const { data, error } = useQuery<PracticeOverview, Refused>({
    queryKey: keys.practice(person),
    queryFn: () => api.practice(person),
    retry: false,
    placeholderData: (before) => before,
  });
  const begin = useMutation<PracticeRun, Refused, Omit<PracticeRequest, "person">>({
    mutationFn: (asked) => api.beginPractice({ ...asked, person }),
    onSuccess: (run) => {
      scrollTo(0, 0);
      void navigate(`/practice/${run.id}`);
    },
  });
  const problem = error ?? begin.error;
  return (
    <Page title="Practice" about="A fault is hidden; find it with instruments, a clock and as little trouble as can be">
      {problem !== null && (
        <p role="alert" className="panel mb-4 font-semibold text-danger">
          {problem.message}
        </p>
      )}
      <div className="grid items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="grid gap-4">
          {job !== null && (
            <Panel title="On this job">
              <div className="grid gap-2 sm:grid-cols-2">
                {GRADES.map(({ grade, name, about }) => (
                  <Button
                    key={grade}
                    disabled={begin.isPending}
                    onClick={() => {
                      begin.mutate({ job, grade });
                    }}
                  >
                    <span className="text-left">
                      {name} <span className="font-normal text-muted">– {about}</span>
                    </span>
                  </Button>
                ))}
              </div>
            </Panel>
          )}
          <Panel title="Lessons">
            {data === undefined ? (
              <p role="status">Fetching…</p>
            ) : (
              <ol className="grid gap-3 md:grid-cols-2">
                {data.lessons.map((lesson, at) => (
                  <li key={lesson.id} className="grid content-between gap-2 border border-line p-3">
                    <div>
                      <p className="font-semibold">
                        {at + 1}. {text(lesson, "title")}
                      </p>
                      <p className="text-muted">{text(lesson, "story")}</p>
                    </div>
                    <div className="flex items-center gap-3">
                      <Button
                        disabled={begin.isPending}
                        aria-label={`Begin: ${text(lesson, "title")}`}
                        onClick={() => {
                          begin.mutate({ lesson: lesson.id });
                        }}
                      >
                        Begin
                      </Button>
                      {lesson.best !== null && <span className="font-mono">best {lesson.best} of 100</span>}
                    </div>
                  </li>
                ))}
              </ol>
            )}
          </Panel>
        </div>
        <div className="grid gap-4">
          <Panel title="Who practises">
            <label className="grid gap-1">
              <span className="field-label mb-0">Name or initials</span>
              <input
                className="field min-h-11 px-3"
                maxLength={60}
                value={person}
                onChange={(event) => {
                  localStorage.setItem(NAME_KEY, event.target.value);
                  setPerson(event.target.value);
                }}
              />
            </label>
            {data !== undefined && data.weak.length > 0 && (
              <p className="mt-3">
                Weakest at:{" "}
                {data.weak.map((one) => `${one.class.replaceAll(/[/-]/g, " ")} (${String(one.mean)})`).join(", ")}
              </p>
            )}
          </Panel>
          <Panel title="Scores">
            {data === undefined || data.people.length === 0 ? (
              <p className="text-muted">Nobody has finished a run yet.</p>
            ) : (
              <table className="w-full">
                <thead>
                  <tr className="text-left text-sm text-muted">
                    <th className="font-normal">Name</th>
                    <th className="text-right font-normal">Runs</th>
                    <th className="text-right font-normal">Mean of 100</th>
                  </tr>
                </thead>
                <tbody>
                  {data.people.map((one) => (
                    <tr key={one.person} className="border-t border-line">
                      <td className="py-1">{one.person}</td>
                      <td className="text-right font-mono">{one.runs}</td>
                      <td className="text-right font-mono">{one.mean}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
          </Panel>
        </div>
      </div>
    </Page>
  );
}
