<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\Message;
use LampThread\Parts\CableCatalogue;
use LampThread\Parts\OwnPart;
use LampThread\Parts\Part;
use LampThread\Parts\PartField;
use LampThread\Parts\PartForm;
use LampThread\Parts\PartKind;
use LampThread\Parts\Shelf;
use LampThread\Parts\Table;
use LampThread\Parts\Tables;

/** Everything on the shelf as it goes out: fits schema/shelf.json. */
final class ShelfPresenter
{
    /**
     * @param  array<string, list<string>>  $usedBy  part id to the titles of the jobs it is pinned in
     * @param  array<string, int>  $versions  own part to its version
     * @param  list<array{id: string, name: string, version: int}>  $unreadable  own parts that no longer read
     * @return array<string, mixed>
     */
    public static function of(Shelf $shelf, array $usedBy, array $versions, array $unreadable, Wording $wording): array
    {
        $parts = [];
        foreach (PartKind::cases() as $kind) {
            foreach (self::offered($shelf, $kind) as [$part, $values]) {
                $own = $shelf->own[$part->id()] ?? null;
                $parts[] = $own === null ? self::row($kind, $part, $values, $usedBy) : [...self::own($own, $usedBy), 'version' => $versions[$own->id] ?? 1];
            }
        }
        foreach ($shelf->own as $own) {
            if ($own->isArchived) {
                $parts[] = [...self::own($own, $usedBy), 'version' => $versions[$own->id] ?? 1];
            }
        }

        return $wording->worded([
            'kinds' => array_map(static fn (PartKind $kind): array => [
                'id' => $kind->value,
                'label' => Message::of("part-kind.{$kind->value}"),
                'several' => Message::of("part-kind.{$kind->value}.several"),
                'source' => Tables::source($kind),
                'fields' => array_map(static fn (PartField $field): array => [
                    'name' => $field->name,
                    'label' => $field->label(),
                    'unit' => $field->unit->value,
                    'options' => $field->options,
                    'usual' => $field->usual,
                ], PartForm::fields($kind)),
            ], PartKind::cases()),
            'parts' => $parts,
            'unreadable' => $unreadable,
            'tables' => array_map(static fn (Table $table): array => [
                'name' => $table->name, 'source' => $table->source, 'columns' => $table->columns,
                'rows' => array_map(static fn (array $row): array => ['cells' => $row], $table->rows),
            ], Tables::of($shelf)),
        ]);
    }

    /** @return list<array{Part, array<string, mixed>}> */
    private static function offered(Shelf $shelf, PartKind $kind): array
    {
        if ($kind === PartKind::Cable) {
            $parts = [];
            foreach (CableCatalogue::cases() as $catalogue) {
                foreach ($shelf->catalogue($catalogue) as $size) {
                    $parts[] = [$size, [...get_object_vars($size), 'price' => $size->pricePerM, 'catalogue' => $catalogue->value]];
                }
            }

            return $parts;
        }
        $parts = match ($kind) {
            PartKind::Terminal => $shelf->terminals(),
            PartKind::Fuse => $shelf->allFuses(),
            PartKind::Switch => $shelf->switches(),
            default => array_merge(...array_map($shelf->relays(...), [6, 12, 24])),
        };

        return array_map(static fn (Part $part): array => [$part, get_object_vars($part)], $parts);
    }

    /**
     * @param  array<string, list<string>>  $usedBy
     * @return array<string, mixed>
     */
    private static function own(OwnPart $own, array $usedBy): array
    {
        return [...self::row($own->kind, $own->part, $own->values, $usedBy), 'isOwn' => true, 'isArchived' => $own->isArchived];
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, list<string>>  $usedBy
     * @return array<string, mixed>
     */
    private static function row(PartKind $kind, Part $part, array $values, array $usedBy): array
    {
        $told = [];
        foreach (PartForm::fields($kind) as $field) {
            $told[$field->name] = $values[$field->name] ?? null;
        }

        return [
            'id' => $part->id(),
            'kind' => $kind->value,
            'name' => $part->label(),
            'isOwn' => false,
            'isArchived' => false,
            'values' => $told,
            'usedBy' => $usedBy[$part->id()] ?? [],
            'version' => null,
        ];
    }
}
