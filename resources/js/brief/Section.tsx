import { Accordion } from "radix-ui";
import type { ReactNode } from "react";
import type { BriefSection } from "../api/generated/saved-job";
import { useText, useTexts } from "../kit/messages";

interface Props {
  number: number;
  title: string;
  section: BriefSection;
  children: ReactNode;
}

/** One section of the brief: folded, a line that says what was answered; open, its questions. */
export function Section({ number, title, section, children }: Props) {
  const text = useText();
  const texts = useTexts();
  const { assumed, missing } = section;
  return (
    <Accordion.Item value={section.id} className="panel scroll-mt-20 overflow-hidden p-0" id={`section-${section.id}`}>
      <Accordion.Header asChild>
        <h2>
          <Accordion.Trigger
            aria-label={title}
            aria-describedby={`section-${section.id}-summary`}
            className="group grid min-h-12 w-full grid-cols-[1.75rem_minmax(0,1fr)_auto] items-center gap-x-2 px-3 py-1.5 text-left hover:bg-sunk data-[state=open]:bg-sunk sm:grid-cols-[1.75rem_10.5rem_minmax(0,1fr)_auto]"
          >
            <span aria-hidden className="font-mono text-lg font-bold text-muted">
              {number}
            </span>
            <span className="heading">{title}</span>
            <span
              id={`section-${section.id}-summary`}
              className="col-start-2 row-start-2 truncate text-sm text-muted group-data-[state=open]:invisible sm:col-start-3 sm:row-start-1"
            >
              {text(section, "summary")}
            </span>
            <span className="col-start-3 row-start-1 flex justify-end gap-1 text-sm whitespace-nowrap sm:col-start-4">
              {missing.length > 0 && (
                <span className="rounded-[3px] border border-warning px-2 py-0.5 font-semibold text-warning">
                  {missing.length} missing
                </span>
              )}
              {assumed.length > 0 && (
                <span className="rounded-[3px] border border-dashed border-line px-2 py-0.5 text-muted">
                  {assumed.length} assumed
                </span>
              )}
            </span>
          </Accordion.Trigger>
        </h2>
      </Accordion.Header>
      <Accordion.Content className="grid gap-4 border-t border-line p-4">
        {(assumed.length > 0 || missing.length > 0) && (
          <p className="border-l-4 border-l-line bg-sunk px-3 py-2 text-[0.95rem]">
            {missing.length > 0 && (
              <>
                <b>Missing:</b> {texts(section, "missing").join(", ")}.{" "}
              </>
            )}
            {assumed.length > 0 && (
              <>
                <b>Assumed:</b> {texts(section, "assumed").join(", ")}.
              </>
            )}
          </p>
        )}
        {children}
      </Accordion.Content>
    </Accordion.Item>
  );
}
