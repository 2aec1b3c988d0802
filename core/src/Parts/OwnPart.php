<?php

declare(strict_types=1);

namespace LampThread\Parts;

use LampThread\Message\Message;

/** A rated part the workshop has put on its shelf itself. */
final readonly class OwnPart
{
    private const MOST_NAME = 80;

    /**
     * @param  string  $id  stays when the part is renamed: jobs know it by this
     * @param  array<string, float|string|null>  $values  by field, as they were told
     * @param  bool  $isArchived  no longer offered, still known to the jobs that have it
     */
    private function __construct(
        public string $id,
        public PartKind $kind,
        public string $name,
        public array $values,
        public bool $isArchived,
        public Part $part,
    ) {}

    /**
     * @param  array<string, float|string|null>  $values  by field
     * @param  array<string, FuseGates>  $gates  by family
     * @return self|array<string, Message> the part, or field to what is wrong with it
     */
    public static function of(string $id, PartKind $kind, string $name, array $values, bool $isArchived, array $gates): self|array
    {
        $wrong = [];
        $name = trim($name);
        if ($name === '' || mb_strlen($name) > self::MOST_NAME) {
            $wrong['name'] = $name === '' ? Message::of('input.missing') : Message::of('input.too-long', most: self::MOST_NAME);
        }
        $told = [];
        foreach (PartForm::fields($kind) as $field) {
            $told[$field->name] = $values[$field->name] ?? null;
            $refusal = $field->refusal($told[$field->name]);
            if ($refusal !== null) {
                $wrong[$field->name] = $refusal;
            }
        }
        foreach (array_diff_key($values, $told) as $unknown => $_) {
            $wrong[$unknown] = Message::of('input.no-such-rating', kind: $kind->value);
        }
        if ($wrong === []) {
            $wrong = PartForm::contradictions($kind, $told);
        }

        return $wrong === []
            ? new self($id, $kind, $name, $told, $isArchived, PartForm::build($kind, $id, $name, $told, $gates))
            : $wrong;
    }

    /**
     * An id for a new part, made of its name.
     *
     * @param  array<string, mixed>  $taken  ids there are, as keys
     */
    public static function idFor(PartKind $kind, string $name, array $taken): string
    {
        $slug = trim((string) preg_replace('/[^a-z0-9.]+/', '-', strtolower($name)), '-.');
        $id = $first = substr("own-{$kind->value}-{$slug}", 0, 60);
        for ($next = 2; isset($taken[$id]); $next++) {
            $id = "{$first}-{$next}";
        }

        return $id;
    }
}
