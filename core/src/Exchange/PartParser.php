<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Parts\OwnPart;
use LampThread\Parts\PartForm;
use LampThread\Parts\PartKind;
use LampThread\Parts\Shelf;

/** Reads a part of the workshop's own from texts typed at its ratings: `40 A`, `2,5 mΩ`, `185F`. */
final readonly class PartParser
{
    public function __construct(private Shelf $shelf) {}

    /**
     * @param  array<string, string>  $typed  field to text; an empty one counts as left out
     *
     * @throws InvalidInput naming every rating that is wrong, at `/field`
     */
    public function read(string $id, PartKind $kind, string $name, array $typed, bool $isArchived = false): OwnPart
    {
        $problems = [];
        $values = [];
        $units = [];
        foreach (PartForm::fields($kind) as $field) {
            $units[$field->name] = $field->isNumber() ? $field->unit : null;
        }
        foreach ($typed as $field => $text) {
            if (trim($text) === '') {
                continue;
            }
            try {
                $unit = $units[$field] ?? null;
                $values[$field] = $unit === null ? trim($text) : QuantityParser::read($text, $unit, "/{$field}");
            } catch (InvalidInput $unusable) {
                $values[$field] = null;
                array_push($problems, ...$unusable->problems);
            }
        }
        $part = OwnPart::of($id, $kind, $name, $values, $isArchived, $this->shelf->gates);
        if (is_array($part)) {
            $unread = array_map(static fn (Problem $problem): string => $problem->at, $problems);
            foreach ($part as $field => $message) {
                if (! in_array("/{$field}", $unread, true)) {
                    $problems[] = new Problem("/{$field}", $message);
                }
            }
        }

        foreach ($this->shelf->own as $own) {
            if ($own->id !== $id && $own->kind === $kind && mb_strtolower($own->name) === mb_strtolower(trim($name))) {
                $problems[] = new Problem('/name', Message::of('input.part.name-taken', name: $own->name));
            }
        }

        return $problems === [] && $part instanceof OwnPart ? $part : throw new InvalidInput(
            $problems ?: [new Problem('', Message::of('input.part.unusable'))],
        );
    }
}
