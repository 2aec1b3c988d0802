<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

/** A vehicle that has come to rest in one situation. */
final readonly class Settled
{
    /**
     * @param  array<string, float>  $volts  by terminal, against the battery’s minus
     * @param  array<string, float>  $amperes  by wire, and through each way of a part as `part/way`
     * @param  array<string, float>  $speeds  fan to its speed over what it was made for, below 0 the wrong way
     * @param  array<string, string>  $relays  relay to `in`, `out` or `buzzes`
     * @param  bool  $isRestless  whether something goes in and out all the time, so that no meter stands still
     */
    public function __construct(public array $volts, public array $amperes, public array $speeds, public array $relays, public bool $isRestless = false) {}

    /** Halfway to another. */
    public function between(self $other): self
    {
        $halfway = static fn (array $here, array $there): array => array_map(
            static fn (string $key, float $value): float => ($value + ($there[$key] ?? 0.0)) / 2, array_combine(array_keys($here), array_keys($here)), $here,
        );

        return new self(
            array_combine(array_keys($this->volts), $halfway($this->volts, $other->volts)), array_combine(array_keys($this->amperes), $halfway($this->amperes, $other->amperes)),
            array_combine(array_keys($this->speeds), $halfway($this->speeds, $other->speeds)), $this->relays, true,
        );
    }

    public function runs(string $fan): bool
    {
        return abs($this->speeds[$fan]) > 0.05;
    }

    public function runsAny(): bool
    {
        return array_filter(array_keys($this->speeds), $this->runs(...)) !== [];
    }

    /** What the fans are seen to do, in the words of the program’s answers. */
    public function looks(): string
    {
        $looks = [];
        foreach ($this->speeds as $fan => $speed) {
            $looks[] = "{$fan}=".match (true) {
                $speed < -0.05 => 'backwards',
                $speed < 0.05 => 'stands',
                $speed < 0.7 => 'slow',
                default => 'fast',
            };
        }

        return implode(',', $looks);
    }
}
