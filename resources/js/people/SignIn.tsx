import { useState } from "react";
import { api, problemsOf } from "../api/client";
import type { Problem } from "../api/generated/problem";
import type { Session } from "../api/generated/session";
import { Button } from "../kit/Button";
import { useTheme } from "../kit/theme";

/** Name and password; or, with a code that was handed over, the choice of a password. */
export function SignIn({ onIn }: { onIn: (session: Session) => void }) {
  useTheme();
  const [hasCode, setHasCode] = useState(false);
  const [problems, setProblems] = useState<Problem[]>([]);
  const [isSending, setSending] = useState(false);
  const enter = async (form: FormData) => {
    const text = (name: string) => {
      const value = form.get(name);
      return typeof value === "string" ? value : "";
    };
    setSending(true);
    try {
      onIn(
        await (hasCode
          ? api.useCode(text("name"), text("code"), text("password"))
          : api.signIn(text("name"), text("password"))),
      );
    } catch (error) {
      setProblems(problemsOf(error));
    }
    setSending(false);
  };
  return (
    <main className="mx-auto grid min-h-screen max-w-md content-center p-4">
      <form
        className="panel grid gap-4 p-6"
        onSubmit={(event) => {
          event.preventDefault();
          void enter(new FormData(event.currentTarget));
        }}
      >
        <div>
          <h1 className="text-2xl font-extrabold tracking-tight">Lamp Thread</h1>
          <p className="text-sm text-muted">
            {hasCode ? "Choose a password with the code you were given." : "This workshop asks who you are."}
          </p>
        </div>
        <Field name="name" label="Name" autoComplete="username" />
        {hasCode && <Field name="code" label="Code" autoComplete="one-time-code" />}
        <Field
          name="password"
          label={hasCode ? "New password, ten characters or more" : "Password"}
          type="password"
          autoComplete={hasCode ? "new-password" : "current-password"}
        />
        {problems.length > 0 && (
          <ul role="alert" className="font-semibold text-danger">
            {problems.map((problem) => (
              <li key={problem.at + problem.message}>
                {problem.at === "" ? "" : `${problem.at.slice(1)} `}
                {problem.message}
              </li>
            ))}
          </ul>
        )}
        <div className="flex flex-wrap items-center justify-between gap-2">
          <Button
            tone="quiet"
            onClick={() => {
              setHasCode(!hasCode);
              setProblems([]);
            }}
          >
            {hasCode ? "I have a password" : "I have a code"}
          </Button>
          <Button tone="strong" type="submit" disabled={isSending}>
            {hasCode ? "Choose and sign in" : "Sign in"}
          </Button>
        </div>
        <p className="text-sm text-muted">
          A lost password is mended by the owner, who hands out a new code, or at the machine itself.
        </p>
      </form>
    </main>
  );
}

interface FieldProps {
  name: string;
  label: string;
  type?: string;
  autoComplete: string;
}

function Field({ name, label, type = "text", autoComplete }: FieldProps) {
  return (
    <label>
      <span className="field-label">{label}</span>
      <input
        name={name}
        type={type}
        required
        autoComplete={autoComplete}
        autoCapitalize="none"
        className="field min-h-11 w-full px-3"
      />
    </label>
  );
}
