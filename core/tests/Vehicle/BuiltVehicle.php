<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Diagnosis\Situation;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Operation\Ngspice;

/**
 * A vehicle built from the cut list, that knows nothing of the program’s parts, solved by ngspice: relays pull in and let go, modules act, fuses
 * blow, until all stands. The same seed is the same vehicle. All values and spreads are common practice, no source.
 */
final class BuiltVehicle
{
    private const MOST_ROUNDS = 8;

    private const MOST_BLOWN = 3;

    /** A fuse blows from so many times its rating on, and from so many within a second. */
    private const BLOWS_SHARE = 1.35;

    private const AT_ONCE_SHARE = 3.5;

    /** Electronics work from these volts on. */
    private const MODULE_WORKS_V = 8.0;

    /** A lamp of 4 W at 12 V. */
    private const LAMP_OHM = 33.0;

    private readonly Spread $spread;

    /** @var array<string, Settled> */
    private array $sound = [];

    /** @var array<string, Settled> */
    private array $failed = [];

    /** @var array<string, float> fuse to when it blew, s */
    public array $blown = [];

    /**
     * @param  array<string, Situation>  $situations
     * @param  list<Defect>  $defects
     */
    public function __construct(public readonly Sizing $sizing, private readonly array $situations, int $seed, public readonly array $defects)
    {
        $this->spread = new Spread($seed);
        $this->sound = $this->settled($situations, new Defects);
        $this->failed = $defects === [] ? $this->sound : $this->settled($situations, new Defects($defects));
        for ($count = 0; $count < self::MOST_BLOWN && $this->blows(); $count++) {
            $this->failed = $this->settled($situations, $this->wrong());
        }
    }

    private function wrong(): Defects
    {
        return (new Defects($this->defects))->withBlown(array_keys($this->blown));
    }

    public function at(string $situation, bool $isThere): Settled
    {
        return ($isThere ? $this->failed : $this->sound)[$situation];
    }

    /** Whether a short before any fuse has burnt it: nobody looks for its fault any more. */
    public function isBurnt(): bool
    {
        $least = 0.75 * $this->sizing->brief->supply->restingV;

        return array_filter($this->failed, static fn (Settled $settled): bool => $settled->volts[Rail::SUPPLY] < $least) !== [];
    }

    public function defect(string $part, DefectKind ...$kinds): ?Defect
    {
        foreach ($this->defects as $defect) {
            if ($defect->part === $part && ($kinds === [] || in_array($defect->kind, $kinds, true))) {
                return $defect;
            }
        }

        return null;
    }

    /** Volts at a terminal with a test lamp from it to the battery’s minus. */
    public function withLamp(string $situation, string $terminal, bool $isThere): float
    {
        $ohm = self::LAMP_OHM * ($this->sizing->brief->supply->systemV / 12) ** 2;
        $lamp = static fn (SpiceCircuit $circuit) => $circuit->resistor('lamp', $terminal, Rail::EARTH, $ohm);

        return $this->settled([$situation => $this->situations[$situation]], $isThere ? $this->wrong() : new Defects, $lamp)[$situation]->volts[$terminal];
    }

    /** Lets the fuse blow that carries most over its rating. */
    private function blows(): bool
    {
        $most = self::BLOWS_SHARE;
        $next = null;
        foreach ($this->failed as $settled) {
            foreach ($this->fuses() as $fuse => $ratedA) {
                $share = abs($settled->amperes["{$fuse}/0"] ?? 0.0) / $ratedA;
                if ($share > $most && ! isset($this->blown[$fuse])) {
                    [$most, $next] = [$share, $fuse];
                }
            }
        }
        if ($next !== null) {
            $this->blown[$next] = $most > self::AT_ONCE_SHARE ? 0.3 : 120.0;
        }

        return $next !== null;
    }

    /** @return array<string, float> */
    private function fuses(): array
    {
        $fuses = [];
        foreach ($this->sizing->circuit->components as $id => $component) {
            foreach ($component->paths() as $path) {
                $rated = $component->figure();
                if ($path->symbol === Symbol::Fuse && $rated !== null) {
                    $fuses[$id] = $rated->value;
                }
            }
        }

        return $fuses;
    }

    /**
     * @param  array<string, Situation>  $situations
     * @param  (\Closure(SpiceCircuit): mixed)|null  $more
     * @return array<string, Settled>
     */
    private function settled(array $situations, Defects $defects, ?\Closure $more = null): array
    {
        $settled = [];
        $moved = array_map(static fn (): array => [], $situations);
        $restless = $moved;
        $before = [];
        $left = $situations;
        for ($round = 0; $left !== []; $round++) {
            $circuits = [];
            foreach ($left as $id => $situation) {
                $circuits[$id] = $this->built($situation, $defects, $moved[$id]);
                if ($more !== null) {
                    $more($circuits[$id]);
                }
            }
            $solved = Ngspice::operatingPoints(array_map(static fn (SpiceCircuit $circuit): string => $circuit->netlist(), array_values($circuits)));
            foreach (array_keys($left) as $at => $id) {
                $volts = $circuits[$id]->volts($solved[$at]);
                $next = $this->moved($volts, $moved[$id], $defects, $left[$id]);
                $changed = array_keys(array_diff_assoc($next, $moved[$id]));
                $restless[$id] = $round > self::MOST_ROUNDS / 2 ? [...$restless[$id], ...$changed] : [];
                $here = new Settled($volts, $circuits[$id]->amperes($volts), $this->speeds($volts, $defects), $this->relays($next, $restless[$id], $defects));
                if ($changed === [] || $round === self::MOST_ROUNDS) {
                    // What never comes to rest is seen and read as the mean of both.
                    $settled[$id] = $changed === [] || ! isset($before[$id]) ? $here : $here->between($before[$id]);
                    unset($left[$id]);
                }
                $before[$id] = $here;
                $moved[$id] = $next;
            }
        }

        return $settled;
    }

    /**
     * @param  array<string, bool>  $in
     * @param  list<string>  $changing
     * @return array<string, string>
     */
    private function relays(array $in, array $changing, Defects $defects): array
    {
        $relays = [];
        foreach ($this->sizing->circuit->each(Relay::class) as $relay) {
            $relays[$relay->id] = match (true) {
                in_array($relay->id, $changing, true) => 'buzzes',
                // Nothing moves in a welded one.
                $defects->has(DefectKind::Welded, $relay->id) => 'out',
                default => $in[$relay->id] ? 'in' : 'out',
            };
        }

        return $relays;
    }

    /**
     * @param  array<string, float>  $volts
     * @return array<string, float>
     */
    private function speeds(array $volts, Defects $defects): array
    {
        $speeds = [];
        foreach ($this->sizing->circuit->each(FanMotor::class) as $motor) {
            $speeds[$motor->id] = (new BuiltMotor($motor, $this->spread, $defects))->speed($volts);
        }

        return $speeds;
    }

    /**
     * What relays and modules do next.
     *
     * @param  array<string, float>  $volts
     * @param  array<string, bool>  $in
     * @return array<string, bool>
     */
    private function moved(array $volts, array $in, Defects $defects, Situation $situation): array
    {
        $next = (new BuiltSupply($this->sizing->brief->supply, $this->spread, $defects))->next($volts[Rail::SUPPLY], $in);
        foreach ($this->sizing->circuit->components as $id => $component) {
            if ($component instanceof Relay) {
                $next[$id] = $this->pullsIn($component, $volts, $in[$id] ?? false, $defects);
            } elseif ($component instanceof TemperatureSensing && isset($volts["{$id}:15"])) {
                $next[$id] = $this->moduleActs($component, $volts, $defects, $situation);
            }
        }

        return $next;
    }

    /** @param  array<string, float>  $volts */
    private function pullsIn(Relay $relay, array $volts, bool $isIn, Defects $defects): bool
    {
        foreach ([DefectKind::CoilOpen, DefectKind::CoilPinOut, DefectKind::Dead] as $kind) {
            if ($defects->has($kind, $relay->id)) {
                return false;
            }
        }
        $pullsInV = $relay->part->pullInV * $this->spread->draw("{$relay->id} pull-in", 0.85, 1.0);
        $dropsOutV = max($relay->part->dropOutV, 0.2 * $relay->part->coilV);

        return abs($volts["{$relay->id}:86"] - $volts["{$relay->id}:85"]) > ($isIn ? $dropsOutV : $pullsInV);
    }

    /**
     * @param  Component&TemperatureSensing  $module
     * @param  array<string, float>  $volts
     */
    private function moduleActs(Component $module, array $volts, Defects $defects, Situation $situation): bool
    {
        $earth = $volts["{$module->id}:31"];
        $supplyV = $volts["{$module->id}:15"] - $earth;
        $probe = $supplyV > 0 ? ($volts["{$module->id}:S1"] - $earth) / $supplyV : 0.5;
        $isHot = match (true) {
            $probe > 0.97 => false,
            $probe < 0.015 => true,
            default => (new BuiltParts($this->sizing, $this->spread, $defects))->isHot($module, $situation),
        };

        return $supplyV > self::MODULE_WORKS_V && $isHot;
    }

    /** @param  array<string, bool>  $in */
    private function built(Situation $situation, Defects $defects, array $in): SpiceCircuit
    {
        $circuit = new SpiceCircuit;
        (new BuiltSupply($this->sizing->brief->supply, $this->spread, $defects))->addTo($circuit, $situation, $in);
        $parts = new BuiltParts($this->sizing, $this->spread, $defects);
        foreach ($this->sizing->circuit->wires as $wire) {
            $parts->addWire($circuit, $wire);
        }
        foreach ($this->sizing->circuit->components as $id => $component) {
            $parts->addPart($circuit, $component, $situation, $in[$id] ?? false);
        }

        return $circuit;
    }
}
