<?php

declare(strict_types=1);

namespace LampThread\Tests\Parts;

use LampThread\Exchange\JobFile;
use LampThread\Exchange\PartParser;
use LampThread\Message\InvalidInput;
use LampThread\Parts\CableCatalogue;
use LampThread\Parts\FusePart;
use LampThread\Parts\OwnPart;
use LampThread\Parts\PartKind;
use LampThread\Parts\RelayPart;
use LampThread\Parts\Shelf;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts the workshop puts on its shelf itself. */
final class OwnPartTest extends TestCase
{
    private const RELAY = [
        'price' => '3.50', 'coilV' => '12 V', 'coilOhm' => '80 ohm', 'pullInV' => '7.5', 'dropOutV' => '1.5', 'makeA' => '50', 'inrushA' => '150',
        'contactMilliohm' => '2', 'ratedAtC' => '185F', 'maxAmbientC' => '125', 'ratedOperations' => '100000', 'suppression' => 'resistor',
    ];

    private const FUSE = ['price' => '0,5', 'family' => 'blade', 'ratedA' => '18 A', 'coldMilliohm' => '3.3 mΩ'];

    public function test_ratings_are_read_with_their_units(): void
    {
        $relay = self::part(PartKind::Relay, 'Bench relay', self::RELAY)->part;

        self::assertInstanceOf(RelayPart::class, $relay);
        self::assertSame([12, 80.0, 85.0, null], [$relay->coilV, $relay->coilOhm, $relay->ratedAtC, $relay->restA]);
        self::assertSame(640.0, $relay->suppressionOhm);
    }

    /** @return iterable<string, array{PartKind, array<string, string>, array<string, string>}> kind, ratings, field to what is said */
    public static function impossible(): iterable
    {
        yield 'missing' => [PartKind::Fuse, [...self::FUSE, 'ratedA' => ''], ['ratedA' => 'input.missing']];
        yield 'below nothing' => [PartKind::Fuse, [...self::FUSE, 'ratedA' => '-3'], ['ratedA' => 'input.out-of-bounds']];
        yield 'no quantity' => [
            PartKind::Fuse, [...self::FUSE, 'ratedA' => 'lots', 'price' => '-1'], ['ratedA' => 'input.not-a-quantity', 'price' => 'input.out-of-bounds'],
        ];
        yield 'wrong unit' => [PartKind::Fuse, [...self::FUSE, 'ratedA' => '3 mm'], ['ratedA' => 'input.unit.other']];
        yield 'no such family' => [PartKind::Fuse, [...self::FUSE, 'family' => 'glass'], ['family' => 'input.not-one-of']];
        yield 'no rating of it' => [PartKind::Fuse, [...self::FUSE, 'coilV' => '12'], ['coilV' => 'input.no-such-rating']];
        yield 'lets go above where it pulls in' => [PartKind::Relay, [...self::RELAY, 'dropOutV' => '8'], ['dropOutV' => 'input.relay.drop-out']];
        yield 'pulls in above the system' => [PartKind::Relay, [...self::RELAY, 'pullInV' => '13'], ['pullInV' => 'input.relay.pull-in']];
        yield 'rest above make' => [PartKind::Relay, [...self::RELAY, 'restA' => '60'], ['restA' => 'input.relay.rest']];
        yield 'no such system' => [PartKind::Relay, [...self::RELAY, 'coilV' => '9'], ['coilV' => 'input.relay.coil-voltage']];
        yield 'carries nothing where it is rated' => [PartKind::Relay, [...self::RELAY, 'maxAmbientC' => '80'], ['maxAmbientC' => 'input.relay.ambient']];
        yield 'switches less than it carries' => [PartKind::Relay, [...self::RELAY, 'inrushA' => '40'], ['inrushA' => 'input.relay.inrush']];
        yield 'no copper' => [
            PartKind::Cable, ['price' => '1', 'catalogue' => 'metric', 'areaMm2' => '5', 'milliohmPerM' => '9'], ['milliohmPerM' => 'input.cable.not-copper'],
        ];
    }

    /**
     * @param  array<string, string>  $typed
     * @param  array<string, string>  $codes
     */
    #[DataProvider('impossible')]
    public function test_what_cannot_be_is_named_at_its_rating(PartKind $kind, array $typed, array $codes): void
    {
        try {
            self::part($kind, 'Odd one', $typed);
            self::fail('It was taken.');
        } catch (InvalidInput $unusable) {
            self::assertCount(count($codes), $unusable->problems);
            foreach ($unusable->problems as $problem) {
                self::assertSame($codes[substr($problem->at, 1)] ?? 'nothing', $problem->message->code);
            }
        }
    }

    public function test_a_name_is_needed_and_not_taken_twice(): void
    {
        $shelf = Orchard::shelf()->with([self::part(PartKind::Fuse, 'Bay fuse', self::FUSE)]);
        foreach (['' => 'input.missing', ' BAY fuse' => 'input.part.name-taken', str_repeat('x', 81) => 'input.too-long'] as $name => $says) {
            try {
                (new PartParser($shelf))->read('own-fuse-2', PartKind::Fuse, $name, self::FUSE);
                self::fail('It was taken.');
            } catch (InvalidInput $unusable) {
                self::assertSame('/name', $unusable->problems[0]->at);
                self::assertSame($says, $unusable->problems[0]->message->code);
            }
        }
    }

    public function test_ids_are_made_of_names_and_never_twice(): void
    {
        self::assertSame('own-fuse-bay-fuse-27-a', OwnPart::idFor(PartKind::Fuse, 'Bay fuse, 27 A', []));
        self::assertSame('own-fuse-bay-2', OwnPart::idFor(PartKind::Fuse, 'Bay', ['own-fuse-bay' => true]));
        self::assertSame('own-relay-', OwnPart::idFor(PartKind::Relay, '継電器', []));
    }

    public function test_an_own_part_stands_among_the_others_and_is_taken_where_it_is_best(): void
    {
        $cable = ['price' => '1.2', 'catalogue' => 'metric', 'areaMm2' => '5', 'milliohmPerM' => '3.8'];
        $shelf = Orchard::shelf()->with([
            self::part(PartKind::Fuse, 'Between', self::FUSE),
            self::part(PartKind::Cable, '5 mm²', $cable),
            self::part(PartKind::Relay, 'Cheap', [...self::RELAY, 'price' => '1']),
        ]);

        $rated = array_map(static fn (FusePart $fuse): float => $fuse->ratedA, $shelf->fuses('blade'));
        self::assertContains(18.0, $rated);
        self::assertSame($rated, array_values(array_unique($rated)));
        $sizes = array_column($shelf->catalogue(CableCatalogue::Metric), 'areaMm2');
        self::assertSame(5.0, $sizes[(int) array_search(4.0, $sizes, false) + 1]);
        self::assertSame('own-relay-cheap', Sizing::of(Orchard::brief(), $shelf)->choices['fan-1-relay']->taken->part->id());
    }

    public function test_an_archived_part_is_not_offered_and_not_lost(): void
    {
        $relay = (new PartParser(Orchard::shelf()))->read('own-relay-old', PartKind::Relay, 'Old', self::RELAY, isArchived: true);
        $shelf = Orchard::shelf()->with([$relay]);
        $brief = JobFile::standard($shelf)->brief(Orchard::file(['/pinned/fan-1-relay' => 'own-relay-old']));
        $choice = Sizing::of($brief, $shelf)->choices['fan-1-relay'];

        self::assertNotContains('own-relay-old', array_column($shelf->relays(12), 'id'));
        self::assertSame('own-relay-old', $choice->taken->part->id());
        self::assertTrue($choice->isPinned);
    }

    /** @param  array<string, string>  $typed */
    private static function part(PartKind $kind, string $name, array $typed, ?Shelf $shelf = null): OwnPart
    {
        return (new PartParser($shelf ?? Orchard::shelf()))->read(OwnPart::idFor($kind, $name, []), $kind, $name, $typed);
    }
}
