<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Observation\Appearance;
use LampThread\Observation\FanLook;

/** What a circuit with something wrong is seen to do in each situation. */
final readonly class Behaviour
{
    /**
     * @param  array<string, Appearance>  $at  by situation
     * @param  list<string>  $opened  fuses that have opened by it
     */
    public function __construct(public Situations $situations, private array $at, public array $opened) {}

    public function at(string $situation): Appearance
    {
        return $this->at[$situation];
    }

    /** @param  list<string>  $situations */
    public function runsAnyAt(array $situations): bool
    {
        return array_filter($this->known($situations), fn (string $at): bool => $this->at[$at]->runsAny()) !== [];
    }

    /**
     * @param  list<string>  $situations
     * @param  \Closure(bool, bool): bool  $differs  of whether a fan runs and whether it should
     */
    public function fansDiffer(array $situations, self $sound, \Closure $differs): bool
    {
        foreach ($this->known($situations) as $at) {
            foreach (array_keys($this->at[$at]->speedShares) as $fan) {
                if ($differs($this->at[$at]->runs($fan), $sound->at[$at]->runs($fan))) {
                    return true;
                }
            }
        }

        return false;
    }

    public function hasOneDead(self $sound): bool
    {
        $at = $this->situations->full;
        $fans = array_filter(array_keys($this->at[$at]->speedShares), $sound->at[$at]->runs(...));
        $running = array_filter($fans, $this->at[$at]->runs(...));

        return $running !== [] && count($running) < count($fans);
    }

    /** Hot as it gets, no fan turns faster than at the stage before, where each should. */
    public function lacksLastStage(self $sound): bool
    {
        $first = $this->situations->heat[0];
        foreach ($this->at[$this->situations->full]->speedShares as $fan => $share) {
            $should = $sound->at[$this->situations->full]->speedShares[$fan];
            if ($should > $sound->at[$first]->speedShares[$fan] + 0.1 && $share < Symptom::WEAK_SHARE * $should) {
                return true;
            }
        }

        return false;
    }

    /** @param  list<string>  $situations */
    public function isWeaker(array $situations, self $sound, float $share): bool
    {
        foreach ($this->known($situations) as $at) {
            foreach ($this->at[$at]->speedShares as $fan => $speed) {
                if ($this->at[$at]->runs($fan) && abs($speed) < $share * $sound->at[$at]->speedShares[$fan]) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @param  list<string>  $situations */
    public function blowsBackwards(array $situations): bool
    {
        foreach ($this->known($situations) as $at) {
            if (in_array(FanLook::Backwards, $this->at[$at]->fans(), true)) {
                return true;
            }
        }

        return false;
    }

    public function clicksAndNothing(self $sound): bool
    {
        $at = $this->situations->full;

        return in_array('in', array_intersect_assoc($this->at[$at]->relays, $sound->at[$at]->relays), true)
            && $this->fansDiffer([$at], $sound, static fn (bool $runs, bool $should): bool => $should && ! $runs);
    }

    public function relayRests(self $sound): bool
    {
        foreach ($this->known([...$this->situations->asked, Situations::AIR_CONDITIONING]) as $at) {
            foreach ($this->at[$at]->relays as $relay => $stands) {
                if ($stands === 'out' && $sound->at[$at]->relays[$relay] === 'in') {
                    return true;
                }
            }
        }

        return false;
    }

    public function buzzes(): bool
    {
        return array_filter($this->at, static fn (Appearance $appearance): bool => in_array('buzzes', $appearance->relays, true)) !== [];
    }

    /** Whether the lamp shows another thing while the fans do what they should: a lamp that is dark over a fan that stands is right. */
    public function lampDiffers(self $sound): bool
    {
        return array_filter(
            array_keys($this->at), fn (string $at): bool => $this->at[$at]->isLit !== $sound->at[$at]->isLit && $this->at[$at]->token() === $sound->at[$at]->token(),
        ) !== [];
    }

    /** @param  list<string>  $situations */
    public function drawnMoreA(array $situations, self $sound): float
    {
        return max(0.0, ...array_map(fn (string $at): float => $this->at[$at]->drawnA - $sound->at[$at]->drawnA, $this->known($situations)));
    }

    public function hottestJointW(): float
    {
        return max(0.0, ...array_map(static fn (Appearance $appearance): float => $appearance->jointW, array_values($this->at)));
    }

    /**
     * @param  list<string>  $situations
     * @return list<string> those this circuit has
     */
    private function known(array $situations): array
    {
        return array_values(array_filter($situations, fn (string $at): bool => isset($this->at[$at])));
    }
}
