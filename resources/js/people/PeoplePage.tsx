import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, problemsOf, type Refused } from "../api/client";
import type { People, PersonRow } from "../api/generated/people";
import type { PersonCode } from "../api/generated/person-code";
import type { PersonRequest } from "../api/generated/person-request";
import { keys } from "../api/keys";
import { Button } from "../kit/Button";
import { Panel } from "../kit/Panel";
import { Loading } from "../shell/states";
import { AuditTable } from "./AuditTable";
import { Place } from "./Place";

const ROLES: [PersonRequest["role"], string][] = [
  ["owner", "Owner: everything, people too"],
  ["fitter", "Fitter: jobs, shelf, drives"],
  ["reader", "Reader: looks only"],
];

/** Who works here; for owners. */
export function PeoplePage() {
  const queries = useQueryClient();
  const people = useQuery<People, Refused>({ queryKey: keys.people, queryFn: api.people, retry: false });
  const [code, setCode] = useState<PersonCode>();
  const [problem, setProblem] = useState("");
  const attempt = async (act: () => Promise<People | PersonCode>) => {
    setProblem("");
    try {
      const answer = await act();
      setCode("code" in answer ? answer : undefined);
    } catch (error) {
      setProblem(problemsOf(error)[0]?.message ?? "");
    }
    await queries.invalidateQueries({ queryKey: keys.people });
  };
  return (
    <Place title="People" about="Who works here, what they may do, and what was done">
      {problem !== "" && (
        <p role="alert" className="panel border-danger font-semibold text-danger">
          {problem}
        </p>
      )}
      {code !== undefined && (
        <p role="status" className="panel border-accent">
          Code for <b>{code.name}</b>: <b className="font-mono text-lg">{code.code}</b>. Hand it over now; it is shown
          this once and ends in two days.
        </p>
      )}
      {people.isPending && <Loading what="the people" />}
      {people.error && (
        <p role="alert" className="panel border-danger text-danger">
          {people.error.message}
        </p>
      )}
      {people.data !== undefined && (
        <>
          <Panel title="In this workshop">
            <ul className="grid gap-1">
              {people.data.people.map((person) => (
                <Row key={person.id} person={person} attempt={attempt} />
              ))}
            </ul>
            <Add attempt={attempt} />
            <label className="mt-4 flex min-h-11 items-center gap-3">
              <input
                type="checkbox"
                className="size-5"
                checked={people.data.hidesCustomers}
                onChange={(event) => {
                  const hides = event.target.checked;
                  void attempt(() => api.hideCustomers(hides));
                }}
              />
              Readers see neither customers nor notes
            </label>
          </Panel>
          <AuditTable rows={people.data.audit} />
        </>
      )}
    </Place>
  );
}

type Attempt = (act: () => Promise<People | PersonCode>) => Promise<void>;

function Row({ person, attempt }: { person: PersonRow; attempt: Attempt }) {
  return (
    <li className="flex flex-wrap items-center gap-3 border-b border-line py-1">
      <span className="mr-auto min-w-40">
        <b>{person.name}</b>
        <span className="block text-sm text-muted">
          {person.awaitsCode
            ? "has not chosen a password yet"
            : person.sessions === 1
              ? "one open session"
              : `${String(person.sessions)} open sessions`}
        </span>
      </span>
      <RolePick
        label={`Role of ${person.name}`}
        value={person.role}
        onPick={(role) => void attempt(() => api.changeRole(person.id, role))}
      />
      <Button tone="quiet" onClick={() => void attempt(() => api.giveCode(person.id))}>
        New code
      </Button>
      <Button
        tone="quiet"
        disabled={person.sessions === 0}
        onClick={() => void attempt(() => api.endSessions(person.id))}
      >
        Sign out
      </Button>
      <Button tone="quiet" className="text-danger" onClick={() => void attempt(() => api.removePerson(person.id))}>
        Remove
      </Button>
    </li>
  );
}

function Add({ attempt }: { attempt: Attempt }) {
  const [name, setName] = useState("");
  const [role, setRole] = useState<PersonRequest["role"]>("fitter");
  return (
    <form
      className="mt-4 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        setName("");
        void attempt(() => api.addPerson({ name: name.trim(), role }));
      }}
    >
      <label className="grow">
        <span className="field-label">Name of someone new</span>
        <input
          className="field min-h-11 w-full px-3"
          required
          maxLength={80}
          value={name}
          onChange={(event) => {
            setName(event.target.value);
          }}
        />
      </label>
      <RolePick label="Role" value={role} onPick={setRole} />
      <Button tone="strong" type="submit">
        Add
      </Button>
    </form>
  );
}

interface RolePickProps {
  label: string;
  value: PersonRequest["role"];
  onPick: (role: PersonRequest["role"]) => void;
}

function RolePick({ label, value, onPick }: RolePickProps) {
  return (
    <select
      aria-label={label}
      className="field min-h-11 px-2"
      value={value}
      onChange={(event) => {
        onPick(ROLES.find(([role]) => role === event.target.value)?.[0] ?? "reader");
      }}
    >
      {ROLES.map(([role, text]) => (
        <option key={role} value={role}>
          {text}
        </option>
      ))}
    </select>
  );
}
