<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Something wrong that is not electrical. */
final readonly class CoolingCause
{
    /**
     * @param  bool  $isFelt  whether the heat still gets to the sensor
     * @param  list<Symptom>  $shows  what is told of it
     * @param  array<string, string>  $answers  test of the cooling system to what it shows, where that is not as usual
     */
    public function __construct(public string $id, public float $weight, public bool $isFelt, public array $shows, public array $answers) {}
}
