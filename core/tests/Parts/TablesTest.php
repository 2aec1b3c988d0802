<?php

declare(strict_types=1);

namespace LampThread\Tests\Parts;

use LampThread\Exchange\Schema;
use LampThread\Exchange\ShelfPresenter;
use LampThread\Exchange\Wording;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Parts\OwnPart;
use LampThread\Parts\PartField;
use LampThread\Parts\PartForm;
use LampThread\Parts\PartKind;
use LampThread\Parts\Tables;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\TestCase;

/** What can be read on the shelf, and the form every part of one's own is told by. */
final class TablesTest extends TestCase
{
    public function test_every_table_names_where_it_is_published(): void
    {
        $tables = Tables::of(Orchard::shelf());
        self::assertCount(8, $tables);
        foreach ($tables as $table) {
            self::assertMatchesRegularExpression('/ISO|ASTM|SAE|CFR|IEC/', $table->source, $table->name->code);
            self::assertNotSame([], $table->rows);
            foreach ($table->rows as $row) {
                self::assertCount(count($table->columns), $row, $table->name->code);
            }
        }
        foreach (PartKind::cases() as $kind) {
            self::assertNotSame('', Tables::source($kind));
        }
    }

    public function test_the_tables_are_those_sizes_are_taken_from(): void
    {
        $rows = [];
        foreach (Tables::of(Orchard::shelf()) as $table) {
            $rows[Orchard::english($table->name)] = $table->rows;
        }

        self::assertContains(['2.5 mm²', '2.5', '7.6'], $rows['Metric road-vehicle cable']);
        self::assertContains(['12', '45'], $rows['Current a single wire carries']);
        self::assertContains(['135 %', '60', '1800'], $rows['Slow cartridge fuses: how long they hold, how soon they open; breaks up to 1000 A']);
    }

    /** Every part that ships could have been told by the form: its ratings lie within the form's own bounds. */
    public function test_what_ships_is_possible_by_the_form(): void
    {
        $answer = ShelfPresenter::of(Orchard::shelf(), ['blade-30' => ['Some job']], [], [], Wording::english());
        (new Schema)->check('shelf', json_decode((string) json_encode($answer)));
        foreach ($answer['parts'] as $part) {
            $values = array_map(static fn (mixed $value): mixed => is_int($value) ? (float) $value : $value, $part['values']);
            $own = OwnPart::of('own-x', PartKind::from($part['kind']), $part['name'], $values, false, Orchard::shelf()->gates);
            self::assertInstanceOf(OwnPart::class, $own, $part['id'].' '.json_encode($own));
        }
        $used = array_column($answer['parts'], 'usedBy', 'id');
        self::assertSame(['Some job'], $used['blade-30']);
        self::assertSame([], $used['blade-40']);
    }

    public function test_the_form_has_every_rating_once_and_price_first(): void
    {
        foreach (PartKind::cases() as $kind) {
            $names = array_map(static fn (PartField $field): string => $field->name, PartForm::fields($kind));
            self::assertSame('price', $names[0]);
            self::assertSame(array_unique($names), $names);
        }
    }

    public function test_a_field_says_what_is_wrong(): void
    {
        $number = PartField::number('ratedA', Unit::Ampere, 1, 50);
        $word = PartField::word('family', ['blade', 'bolt-down']);
        $spare = PartField::number('restA', Unit::Ampere, 1, 50, Message::of('part-field.none'));

        self::assertNull($number->refusal(50.0));
        self::assertSame('input.out-of-bounds', $number->refusal(50.5)?->code);
        self::assertSame('input.missing', $number->refusal(null)?->code);
        self::assertNull($spare->refusal(null));
        self::assertNull($word->refusal('blade'));
        self::assertSame('input.not-one-of', $word->refusal('glass')?->code);
        self::assertTrue($number->isNumber());
        self::assertFalse($word->isNumber());
    }

    public function test_switches_go_from_cool_to_hot_and_own_ones_among_them(): void
    {
        $own = OwnPart::of(
            'own-switch-odd', PartKind::Switch, 'Odd', ['price' => 9.0, 'onC' => 86.5, 'offC' => 81.0, 'ratedA' => 6.0], false, Orchard::shelf()->gates,
        );
        self::assertInstanceOf(OwnPart::class, $own);
        $switches = Orchard::shelf()->with([$own])->switches();
        $on = array_map(static fn ($switch): float => $switch->onC, $switches);
        $sorted = $on;
        sort($sorted);

        self::assertSame($sorted, $on);
        self::assertContains(86.5, $on);
        foreach ($switches as $switch) {
            self::assertLessThan($switch->onC, $switch->offC);
        }
        $wrong = OwnPart::of('x', PartKind::Switch, 'X', ['price' => 1.0, 'onC' => 80.0, 'offC' => 85.0, 'ratedA' => 6.0], false, Orchard::shelf()->gates);
        self::assertSame(['offC'], array_keys((array) $wrong));
    }
}
