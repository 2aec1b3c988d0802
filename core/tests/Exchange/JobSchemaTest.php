<?php

declare(strict_types=1);

namespace LampThread\Tests\Exchange;

use LampThread\Exchange\ConductorParser;
use LampThread\Exchange\JobFile;
use LampThread\Exchange\JobSchema;
use LampThread\Exchange\QuantityParser;
use LampThread\Exchange\ValueParser;
use LampThread\Message\InvalidInput;
use LampThread\Message\Unit;
use LampThread\Tests\Orchard;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class JobSchemaTest extends TestCase
{
    public function test_every_number_of_a_job_file_says_its_unit_and_can_be_typed_in_it(): void
    {
        $without = [];
        foreach (JobSchema::standard()->leaves() as $pointer => $leaf) {
            $isNumber = array_intersect((array) ($leaf->type ?? []), ['number', 'integer']) !== [] || is_int($leaf->enum[0] ?? null);
            if ($isNumber && ! isset($leaf->unit)) {
                $without[] = $pointer;
            } elseif ($isNumber) {
                self::assertSame(1.0, QuantityParser::read("1{$leaf->unit}", Unit::from($leaf->unit), $pointer));
            }
        }

        self::assertSame([], $without);
        self::assertGreaterThan(100, count(JobSchema::standard()->leaves()));
    }

    #[TestWith(['/supply/batteryMilliohm', '9 mΩ', 9.0])]
    #[TestWith(['/heat/coreWPerK', '900 W/K', 900.0])]
    #[TestWith(['/heat/ratedKw', '40 hp', 29.828])]
    #[TestWith(['/heat/heatShare', '0.9', 0.9])]
    #[TestWith(['/roadLoad/massKg', '240', 240.0])]
    #[TestWith(['/roadLoad/frontalM2', '0.7 m²', 0.7])]
    #[TestWith(['/control/lockouts/engineSpeed/rpm', '2600 rpm', 2600.0])]
    #[TestWith(['/usage/startsPerHour', '14', 14.0])]
    #[TestWith(['/usage/yearPercent/3-queue', '20', 20.0])]
    #[TestWith(['/candidates/0/noiseDb', '68 dB', 68.0])]
    #[TestWith(['/runs/stub/ambientC', '185F', 85.0])]
    #[TestWith(['/control/stages/0/decider/onC', '203F', 95.0])]
    #[TestWith(['/driveline/gearRatios/1', '2.2:1', 2.2])]
    public function test_a_number_is_read_in_the_unit_of_its_place(string $pointer, string $typed, float $kept): void
    {
        self::assertEqualsWithDelta($kept, self::values($pointer, $typed)[$pointer], 1e-3);
    }

    #[TestWith(['/job/title'])]
    #[TestWith(['/fans/0'])]
    #[TestWith(['/no/such/place'])]
    #[TestWith(['/control/stages/0/decider/spanK'])]
    public function test_where_no_number_stands_none_is_taken(string $pointer): void
    {
        $this->expectExceptionMessage('input.takes-no-quantity');
        self::values($pointer, '12');
    }

    public function test_an_object_without_entries_stays_one_wherever_the_schema_has_objects(): void
    {
        $file = Orchard::file(['/runs/stub' => new \stdClass, '/heat' => new \stdClass, '/control/lockouts' => new \stdClass, '/usage' => ['yearPercent' => new \stdClass]]);
        $files = JobFile::standard(Orchard::shelf());
        $first = JobFile::encode($files->decode(JobFile::encode($file)));

        self::assertStringContainsString('"stub": {}', $first);
        self::assertStringContainsString('"yearPercent": {}', $first);
        self::assertStringContainsString('"overrides": [', $first);
        self::assertSame($first, JobFile::encode($files->decode($first)));
    }

    /**
     * @return array<string, float|string>
     *
     * @throws InvalidInput
     */
    private static function values(string $pointer, string $typed): array
    {
        return (new ValueParser(new ConductorParser(Orchard::shelf())))->values([$pointer => $typed], Orchard::file());
    }
}
