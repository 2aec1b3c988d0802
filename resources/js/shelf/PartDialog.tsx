import { Dialog } from "radix-ui";
import { useId, useState } from "react";
import { api, type Refused, refusedBy } from "../api/client";
import type { Shelf, ShelfField, ShelfKind } from "../api/generated/shelf";
import { Button } from "../kit/Button";
import { SegmentedControl } from "../kit/SegmentedControl";
import { FieldFrame, wrongness } from "../kit/FieldFrame";

export interface Draft {
  kind: ShelfKind;
  /** None for a part that is not on the shelf yet. */
  id?: string;
  name: string;
  typed: Record<string, string>;
  isArchived?: boolean;
  version?: number;
}

interface Props {
  draft: Draft;
  onClose: () => void;
  onKept: (shelf: Shelf) => void;
}

/** The ratings of one part of the workshop's own, typed as they stand in its data sheet. */
export function PartDialog({ draft, onClose, onKept }: Props) {
  const [name, setName] = useState(draft.name);
  const [typed, setTyped] = useState(draft.typed);
  const [refused, setRefused] = useState<Refused>();
  const told = Object.fromEntries(
    draft.kind.fields.map((field) => [field.name, typed[field.name] ?? field.options[0] ?? ""]),
  );
  const keep = async () => {
    try {
      onKept(
        await (draft.id === undefined
          ? api.addPart({ kind: draft.kind.id, name, typed: told })
          : api.changePart(draft.id, {
              name,
              typed: told,
              isArchived: draft.isArchived ?? false,
              version: draft.version ?? 1,
            })),
      );
    } catch (error) {
      setRefused(refusedBy(error));
    }
  };
  const known = ["/name", ...draft.kind.fields.map((field) => `/${field.name}`)];
  const other = refused?.problems.filter((problem) => !known.includes(problem.at)) ?? [];
  return (
    <Dialog.Root
      open
      onOpenChange={(isOpen) => {
        if (!isOpen) {
          onClose();
        }
      }}
    >
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="panel fixed top-[4vh] left-1/2 z-40 max-h-[92vh] w-[min(44rem,94vw)] -translate-x-1/2 overflow-y-auto shadow-xl"
        >
          <Dialog.Title className="heading mb-3">
            {draft.id === undefined ? `A ${draft.kind.label.toLowerCase()} of your own` : `Change ${draft.name}`}
          </Dialog.Title>
          <form
            className="grid gap-3"
            onSubmit={(event) => {
              event.preventDefault();
              void keep();
            }}
          >
            <Rating label="Name" value={name} wrong={refused?.at("/name")} onChange={setName} />
            <div className="grid gap-3 sm:grid-cols-2">
              {draft.kind.fields.map((field) => (
                <Field
                  key={field.name}
                  field={field}
                  value={told[field.name] ?? ""}
                  wrong={refused?.at(`/${field.name}`)}
                  onChange={(value) => {
                    setTyped((now) => ({ ...now, [field.name]: value }));
                  }}
                />
              ))}
            </div>
            {other.map((problem) => (
              <p key={problem.message} role="alert" className="font-semibold text-danger">
                {problem.message}
              </p>
            ))}
            <div className="flex justify-end gap-3">
              <Button onClick={onClose}>Cancel</Button>
              <Button tone="strong" type="submit">
                Save
              </Button>
            </div>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

interface FieldProps {
  field: ShelfField;
  value: string;
  wrong: string | undefined;
  onChange: (value: string) => void;
}

function Field({ field, value, wrong, onChange }: FieldProps) {
  return field.options.length > 0 ? (
    <SegmentedControl
      label={field.label}
      value={value}
      options={field.options.map((option) => ({ value: option, label: option }))}
      onChange={onChange}
    />
  ) : (
    <Rating
      label={field.label}
      value={value}
      unit={field.unit}
      placeholder={field.usual ?? undefined}
      wrong={wrong}
      onChange={onChange}
    />
  );
}

interface RatingProps {
  label: string;
  value: string;
  unit?: string;
  placeholder?: string | undefined;
  wrong: string | undefined;
  onChange: (value: string) => void;
}

function Rating({ label, value, unit = "", placeholder, wrong, onChange }: RatingProps) {
  const id = useId();
  return (
    <div>
      <FieldFrame id={id} label={label} unit={unit} wrong={wrong}>
        <input
          id={id}
          autoComplete="off"
          className="min-h-11 w-full min-w-0 bg-transparent px-3 text-[1rem] outline-none"
          value={value}
          placeholder={placeholder}
          {...wrongness(id, wrong)}
          onChange={(event) => {
            onChange(event.target.value);
          }}
        />
      </FieldFrame>
    </div>
  );
}
