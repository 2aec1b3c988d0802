import { useId } from "react";
import type { Refused } from "../../api/client";
import type { LogChannel, LogColumns } from "../../api/generated/log-columns";
import { useText } from "../../kit/messages";

export type Mapping = LogColumns["mapping"];

interface Props {
  columns: LogColumns;
  mapping: Mapping;
  onMapping: (mapping: Mapping) => void;
  wrong: Refused | undefined;
}

const NONE = "";

/** Which column is what and in which unit: guessed from the header, put right by hand. */
export function MapColumns({ columns, mapping, onMapping, wrong }: Props) {
  const text = useText();
  return (
    <div className="overflow-x-auto">
      <table className="table w-full">
        <thead>
          <tr>
            <th>What</th>
            <th>Column of the file</th>
            <th>Counted in</th>
            <th>First values</th>
          </tr>
        </thead>
        <tbody>
          {columns.channels.map((channel) => {
            const told = mapping[channel.channel];
            const problem = wrong?.at(`/mapping/${channel.channel}`) ?? wrong?.at(`/mapping/${channel.channel}/unit`);
            return (
              <tr key={channel.channel} className={problem === undefined ? "" : "text-danger"}>
                <th scope="row">{text(channel, "name")}</th>
                <td>
                  <Select
                    label={`Column of ${channel.channel}`}
                    value={told === undefined ? NONE : String(told.column)}
                    options={[[NONE, "not in it"], ...columns.header.map((name, at) => [String(at), name] as const)]}
                    onChange={(value) => {
                      onMapping(picked(mapping, channel, value));
                    }}
                  />
                </td>
                <td>
                  {told !== undefined && channel.units.length > 1 && (
                    <Select
                      label={`Unit of ${channel.channel}`}
                      value={told.unit}
                      options={channel.units.map((unit) => [unit.unit, text(unit, "name")] as const)}
                      onChange={(unit) => {
                        onMapping({ ...mapping, [channel.channel]: { ...told, unit } });
                      }}
                    />
                  )}
                </td>
                <td className="align-middle font-mono text-sm text-muted">
                  {told === undefined
                    ? ""
                    : columns.rows
                        .slice(0, 3)
                        .map((row) => row[told.column] ?? "")
                        .join("  ")}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}

function picked(mapping: Mapping, channel: LogChannel, column: string): Mapping {
  const { [channel.channel]: told, ...rest } = mapping;
  return column === NONE
    ? rest
    : { ...rest, [channel.channel]: { column: Number(column), unit: told?.unit ?? channel.units[0]?.unit ?? "" } };
}

interface SelectProps {
  label: string;
  value: string;
  options: (readonly [string, string])[];
  onChange: (value: string) => void;
}

function Select({ label, value, options, onChange }: SelectProps) {
  const id = useId();
  return (
    <>
      <label htmlFor={id} className="sr-only">
        {label}
      </label>
      <select
        id={id}
        className="field min-h-11 px-2"
        value={value}
        onChange={(event) => {
          onChange(event.target.value);
        }}
      >
        {options.map(([option, name]) => (
          <option key={option} value={option}>
            {name}
          </option>
        ))}
      </select>
    </>
  );
}
