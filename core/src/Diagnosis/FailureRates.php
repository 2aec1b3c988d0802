<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Component\Symbol;

/** How often each way to fail is what was wrong, from core/data/faults; with what the workshop itself has found, as that grows. */
final readonly class FailureRates
{
    private const PATH = __DIR__.'/../../data/faults/rates.json';

    /** One fault the workshop has found weighs as much as a broken wire does in what ships (common practice, no source). */
    private const FIND_WEIGHS = 1.0;

    /** What is told to be wrong is: it weighs more than all else together. */
    private const TOLD_WEIGHS = 1000.0;

    /** Two things wrong at once, over one of them. */
    private const PAIR_SHARE = 0.03;

    /** @var array<string, mixed> */
    private array $data;

    /**
     * @param  array<string, int>  $found  kind of part and way to fail, as classOf() has it, to how often the workshop found it
     * @param  array<string, FaultKind>  $told  part or wire of this vehicle to what is told to be wrong with it
     */
    public function __construct(private Circuit $circuit, private array $found = [], private array $told = [])
    {
        $this->data = json_decode((string) file_get_contents(self::PATH), true, flags: JSON_THROW_ON_ERROR);
    }

    public function weight(string $part, FaultKind $kind): float
    {
        $symbol = $this->symbol($part);
        $rates = match (true) {
            $symbol !== null => $this->data['parts'][$symbol->value] ?? $this->data['otherwise'],
            isset($this->circuit->components[$part]) => $this->data['otherwise'],
            default => $this->data['wire'],
        };
        $shipped = (float) ($rates[$kind->value] ?? $this->data['vehicle'][$kind->value] ?? $this->data['otherwise'][$kind->value] ?? 0.2);

        $isTold = ($this->told[$part] ?? null) === $kind;

        return $shipped + self::FIND_WEIGHS * ($this->found[$this->classOf($part, $kind)] ?? 0) + ($isTold ? self::TOLD_WEIGHS : 0.0);
    }

    /** Of two at once. */
    public static function ofPair(float $one, float $other): float
    {
        return self::PAIR_SHARE * $one * $other;
    }

    /** What a fault is counted as over all jobs. */
    public function classOf(string $part, FaultKind $kind): string
    {
        $symbol = $this->symbol($part);
        $of = $symbol === null ? (isset($this->circuit->components[$part]) ? 'part' : 'wire') : $symbol->value;

        return "{$of}/{$kind->value}";
    }

    /** What it takes to get at a part, min. */
    public function reachMinutes(string $part): float
    {
        $symbol = $this->symbol($part);

        return (float) ($this->data['reachMinutes'][$symbol === null ? '' : $symbol->value] ?? 0.0);
    }

    private function symbol(string $part): ?Symbol
    {
        $component = $this->circuit->components[$part] ?? null;

        return $component === null ? null : ($component->paths() === [] ? null : $component->paths()[0]->symbol);
    }
}
