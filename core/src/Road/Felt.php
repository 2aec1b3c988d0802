<?php

declare(strict_types=1);

namespace LampThread\Road;

use LampThread\Brief\TemperatureBand;

/**
 * What the sensors of all stages feel, each with its lag, and whether each stage is hot: on at its on temperature, off at its off
 * temperature, between the two as it was.
 *
 * @internal
 */
final class Felt
{
    /** @var array<int, float> °C */
    public array $readsC = [];

    /** @var array<int, bool> */
    public array $hot = [];

    /** @var array<int, int> how often each has come on */
    public array $starts = [];

    /** @var list<float> */
    private array $onC = [];

    /** @var list<float> */
    private array $offC = [];

    /** @var list<Sensed> */
    private array $sensed = [];

    /** @var array<int, float> what each is washed by: shares of the coolant and the radiator, and the rest in °C */
    private array $ofCoolant = [];

    /** @var array<int, float> */
    private array $ofRadiator = [];

    /** @var array<int, float> */
    private array $restC = [];

    /** @var list<float> */
    private array $lagS = [];

    private readonly int $count;

    private bool $isForced = false;

    /**
     * @param  list<TemperatureBand|null>  $bands  by decider; null where no temperature decides
     * @param  float  $laterK  that each acts later than told
     */
    public function __construct(array $bands, Lumps $lumps, float $ambientC, float $laterK = 0.0)
    {
        $this->count = count($bands);
        foreach ($bands as $at => $band) {
            $this->onC[] = ($band->onC ?? INF) + $laterK;
            $this->offC[] = ($band->offC ?? -INF) + $laterK;
            $sensed = Sensed::of($band);
            $this->sensed[] = $sensed;
            $this->lagS[] = $sensed->lagS();
            $this->wash($at, $lumps, $ambientC);
            $this->readsC[] = $this->ofCoolant[$at] * $lumps->coolantC + $this->ofRadiator[$at] * $lumps->radiatorC + $this->restC[$at];
            $this->hot[] = $this->readsC[$at] >= $this->onC[$at];
            $this->starts[] = 0;
        }
    }

    /** @return array<int, float> what each reads above its on temperature, K */
    public function aboveOnK(): array
    {
        $above = [];
        for ($at = 0; $at < $this->count; $at++) {
            $above[$at] = $this->readsC[$at] - $this->onC[$at];
        }

        return $above;
    }

    /** What washes them now. */
    public function look(Lumps $lumps, float $ambientC): void
    {
        for ($at = 0; $at < $this->count; $at++) {
            $this->wash($at, $lumps, $ambientC);
        }
    }

    /** All stages as a log has them, whatever they feel. */
    public function force(bool $isHot): void
    {
        $this->isForced = true;
        $this->hot = array_fill(0, $this->count, $isHot);
    }

    private function wash(int $at, Lumps $lumps, float $ambientC): void
    {
        [$this->ofCoolant[$at], $this->ofRadiator[$at], $this->restC[$at]] = $this->sensed[$at]->shares($lumps, $ambientC);
    }

    /** One step on. @return bool whether a stage has become hot or cold */
    public function passes(float $coolantC, float $radiatorC, float $stepS): bool
    {
        $passes = false;
        for ($at = 0; $at < $this->count; $at++) {
            $washedC = $this->ofCoolant[$at] * $coolantC + $this->ofRadiator[$at] * $radiatorC + $this->restC[$at];
            $readsC = $this->readsC[$at] += ($washedC - $this->readsC[$at]) * $stepS / $this->lagS[$at];
            if ($this->isForced) {
                continue;
            }
            if ($this->hot[$at]) {
                if ($readsC <= $this->offC[$at]) {
                    $this->hot[$at] = false;
                    $passes = true;
                }
            } elseif ($readsC >= $this->onC[$at]) {
                $this->hot[$at] = true;
                $this->starts[$at]++;
                $passes = true;
            }
        }

        return $passes;
    }
}
