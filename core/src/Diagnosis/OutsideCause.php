<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** Something wrong outside the circuit, or that it does what it was built to do. */
final readonly class OutsideCause
{
    /**
     * @param  bool  $isFelt  whether the heat still gets to the sensor
     * @param  list<Symptom>  $shows  what is told of it
     * @param  array<string, string>  $answers  test of the cooling system or the vehicle to what it shows, where that is not as usual
     * @param  bool  $isBuiltSo  whether it does what it was built to do
     */
    public function __construct(public string $id, public float $weight, public bool $isFelt, public array $shows, public array $answers, public bool $isBuiltSo = false) {}
}
