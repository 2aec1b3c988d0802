<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Fault\ContactOpen;
use LampThread\Circuit\Fault\Exchanged;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Network\Element\Resistor;

/** A switch a hand works: in each position some of its contacts are closed. */
final readonly class HandSwitch extends Component implements HasInput
{
    /**
     * @param  float  $ratedA  what it may carry, A
     * @param  string  $ratedPath  JSON pointer to that rating in the brief
     * @param  non-empty-array<string, list<array{string, string}>>  $positions  position to the pairs of terminals it joins; the usual first
     */
    public function __construct(
        string $id,
        string $mark,
        Message $name,
        private float $ratedA,
        private string $ratedPath,
        private array $positions,
    ) {
        parent::__construct($id, $mark, $name);
    }

    public function paths(): array
    {
        $paths = [];
        foreach ($this->positions as $pairs) {
            foreach ($pairs as [$from, $to]) {
                $paths["{$from}>{$to}"] = new ConductionPath($this->terminal($from), $this->terminal($to), Symbol::HandMake);
            }
        }

        return array_values($paths);
    }

    public function isAtDash(): bool
    {
        return true;
    }

    public function plugContact(): Termination
    {
        return Termination::SealedPlug;
    }

    public function pluggedTerminals(): array
    {
        $enters = [];
        foreach (array_merge(...array_values($this->positions)) as [$from, $to]) {
            $enters += [$from => true, $to => false];
        }

        return $enters;
    }

    public function faults(): array
    {
        return [
            ...parent::faults(),
            ...(isset($this->positions['low'], $this->positions['high'])
                ? [new Exchanged(FaultKind::LowAndHighExchanged, $this->terminal('1'), $this->terminal('3'))]
                : []),
        ];
    }

    public function finerFaults(): array
    {
        $contacts = array_map(static fn (ConductionPath $path): ContactOpen => new ContactOpen($path->from, $path->to), $this->paths());

        return count($contacts) < 2 ? [] : $contacts;
    }

    private function element(int $at): string
    {
        return $at === 0 ? $this->id : "{$this->id}-pole-".($at + 1);
    }

    public function currentLimitsA(): array
    {
        return [$this->id => $this->ratedA];
    }

    public function rating(): Rating
    {
        return Rating::switched($this->ratedA, [$this->id, "{$this->id}-pole-2"], $this->ratedPath);
    }

    public function partsList(): array
    {
        return [new PartsListEntry(Message::of('part.rated', part: $this->name, ratedA: Unit::Ampere->of($this->ratedA)))];
    }

    public function elements(OperatingConditions $conditions, int $position): array
    {
        $elements = [];
        foreach ($this->positions[$conditions->position($this->id, $this->inputPositions()[0])] ?? [] as $at => [$from, $to]) {
            $elements[] = new Resistor($this->element($at), $this->terminal($from), $this->terminal($to), self::contactOhm($this->ratedA));
        }

        return $elements;
    }

    public function input(): string
    {
        return $this->id;
    }

    public function inputLabel(): Message
    {
        return Message::of('input.marked', mark: $this->mark, name: $this->name);
    }

    public function inputPositions(): array
    {
        return array_keys($this->positions);
    }

    public function source(): InputSource
    {
        return InputSource::Driver;
    }
}
