import type { ReactNode } from "react";

interface Props {
  /** Of the input; what is wrong with it stands in `${id}-wrong`. */
  id: string;
  label: string;
  /** What it is of, said to those who do not see where it stands. */
  of?: string | undefined;
  unit?: string | undefined;
  wrong: string | undefined;
  hint?: string | undefined;
  /** Takes a refused text back. */
  onTakeBack?: () => void;
  /** Stands beside the label. */
  aside?: ReactNode;
  children: ReactNode;
}

/** What stands round an input: its label, its unit, and what is wrong with what was typed. */
export function FieldFrame({ id, label, of, unit, wrong, hint, onTakeBack, aside, children }: Props) {
  return (
    <>
      <div className="mb-1 flex items-center">
        <label htmlFor={id} className="field-label mb-0">
          {of !== undefined && <span className="sr-only">{of}: </span>}
          {label}
        </label>
        {aside}
      </div>
      <div className={`field ${wrong === undefined ? "" : "border-danger"}`}>
        {children}
        {unit !== undefined && <span className="pr-3 text-sm whitespace-nowrap text-muted">{unit}</span>}
      </div>
      {wrong === undefined ? (
        hint !== undefined && <p className="mt-1 text-sm text-muted">{hint}</p>
      ) : (
        <div className="mt-1 flex flex-wrap items-center gap-x-3">
          <p id={`${id}-wrong`} role="alert" className="text-sm font-semibold text-danger">
            {wrong}
          </p>
          {onTakeBack !== undefined && (
            <button type="button" className="min-h-11 text-sm underline" onClick={onTakeBack}>
              Take it back
            </button>
          )}
        </div>
      )}
    </>
  );
}

/** What tells those who do not see it that an input is wrong, and why. */
export function wrongness(id: string, wrong: string | undefined) {
  return { "aria-invalid": wrong !== undefined, "aria-describedby": wrong === undefined ? undefined : `${id}-wrong` };
}
