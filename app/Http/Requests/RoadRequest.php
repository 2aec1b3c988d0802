<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use LampThread\Brief\Changes;
use LampThread\Exchange\QuantityParser;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Unit;

/** Fits schema/road-request.json; texts read as quantities, bounds as wide as any road. */
final readonly class RoadRequest
{
    private const USUAL_DRIVE = '3-queue';

    private const USUAL_GAPS_K = [5.0];

    /**
     * @param  list<float>  $gapsK  between on and off, for a sweep
     * @param  array<string, float>  $mix  drive to its share of a year, for a sweep over a year
     */
    private function __construct(
        public string $drive,
        public float $altitudeM,
        public ?float $ambientC,
        public ?float $startsC,
        public array $gapsK,
        public Changes $changes,
        public ?string $label,
        public ?float $trailerKg,
        public array $mix,
    ) {}

    public static function read(Request $request, Body $body): self
    {
        return self::of($body->of($request, 'road-request'));
    }

    /** @param  \stdClass  $data  that fits the schema */
    public static function of(\stdClass $data): self
    {
        $wrong = [];
        $number = static function (string $name, Unit $unit, float $least, float $most) use ($data, &$wrong): ?float {
            try {
                return self::number($name, $data->{$name} ?? null, $unit, $least, $most);
            } catch (InvalidInput $invalid) {
                array_push($wrong, ...$invalid->problems);

                return null;
            }
        };
        $altitudeM = $number('altitudeM', Unit::Metre, -400, 6000);
        $ambientC = $number('ambientC', Unit::Celsius, -50, 60);
        $startsC = $number('startsC', Unit::Celsius, -50, 130);
        $trailerKg = $number('trailerKg', Unit::Kilogram, 0, 40_000);
        if ($wrong !== []) {
            throw new InvalidInput($wrong);
        }

        return new self(
            $data->drive ?? self::USUAL_DRIVE,
            $altitudeM ?? 0.0,
            $ambientC,
            $startsC,
            array_values(array_map(floatval(...), $data->gapsK ?? self::USUAL_GAPS_K)),
            Changes::of(Body::map($data->changes ?? null)),
            $data->label ?? null,
            $trailerKg,
            array_map(floatval(...), Body::map($data->mix ?? null)),
        );
    }

    private static function number(string $name, int|float|string|null $value, Unit $unit, float $least, float $most): ?float
    {
        if (is_string($value)) {
            $value = QuantityParser::read($value, $unit, "/{$name}");
        }
        if ($value !== null && ($value < $least || $value > $most)) {
            throw InvalidInput::at("/{$name}", Message::of('input.not-a-number-from-to', least: $least, most: $most));
        }

        return $value === null ? null : (float) $value;
    }
}
