<?php

declare(strict_types=1);

namespace LampThread\Tests\Vehicle;

use LampThread\Circuit\Component\Battery;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\Symbol;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Diagnosis\Situation;
use LampThread\Network\Element\Element;
use LampThread\Sizing\Sizing;
use LampThread\Tests\Operation\Ngspice;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A vehicle built from the cut list, that knows nothing of the program’s parts: wires by their length and copper, and each part as a text book
 * has it, a little off, solved by ngspice. The same seed is the same vehicle. All values and spreads are common practice, no source.
 */
final class BuiltVehicle
{
    /** Copper at 20 °C, Ω mm²/m (IEC 60028), and what it gains with each kelvin. */
    private const COPPER = 0.017241;

    private const COPPER_PER_K = 0.00393;

    private const MOST_ROUNDS = 8;

    private const MOST_BLOWN = 3;

    private const MODULE_WORKS_V = 8.0;

    private const ALTERNATOR_OHM = 0.006;

    /** Whether the battery is charged, and the alternator gives all it can. */
    private const TAKES = 'battery takes';

    private const AT_LIMIT = 'alternator at its limit';

    private readonly Randomizer $random;

    /** @var array<string, float> what was drawn for a part, so that the sound vehicle is the same one */
    private array $drawn = [];

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
        $this->random = new Randomizer(new Mt19937($seed));
        $this->sound = $this->settled($situations, []);
        $this->failed = $defects === [] ? $this->sound : $this->settled($situations, $defects);
        for ($count = 0; $count < self::MOST_BLOWN && $this->blows(); $count++) {
            $this->failed = $this->settled($situations, $defects);
        }
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
        $systemV = $this->sizing->brief->supply->systemV;

        return $this->settled([$situation => $this->situations[$situation]], $isThere ? $this->defects : [], static function (SpiceCircuit $circuit) use ($terminal, $systemV): void {
            $circuit->resistor('lamp', $terminal, Rail::EARTH, 33.0 * ($systemV / 12) ** 2);
        })[$situation]->volts[$terminal];
    }

    /** Lets the fuse blow that carries most over its rating. */
    private function blows(): bool
    {
        $most = 1.35;
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
            $this->blown[$next] = $most > 3.5 ? 0.3 : 120.0;
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
     * @param  list<Defect>  $defects
     * @param  \Closure(SpiceCircuit): void|null  $more
     * @return array<string, Settled>
     */
    private function settled(array $situations, array $defects, ?\Closure $more = null): array
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
                $here = new Settled($volts, $circuits[$id]->amperes($volts), $this->speeds($volts, $defects), $this->relays($next, $restless[$id]));
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
    private function relays(array $in, array $changing): array
    {
        $relays = [];
        foreach ($this->sizing->circuit->each(Relay::class) as $relay) {
            $relays[$relay->id] = in_array($relay->id, $changing, true) ? 'buzzes' : ($in[$relay->id] ? 'in' : 'out');
        }

        return $relays;
    }

    /**
     * @param  array<string, float>  $volts
     * @param  list<Defect>  $defects
     * @return array<string, float>
     */
    private function speeds(array $volts, array $defects): array
    {
        $speeds = [];
        foreach ($this->sizing->circuit->each(FanMotor::class) as $motor) {
            $has = self::kinds($defects, $motor->id);
            $across = $volts["{$motor->id}:+"] - $volts["{$motor->id}:-"];
            $stands = array_intersect([DefectKind::Open->value, DefectKind::HeldFast->value, DefectKind::ShortCircuit->value], array_keys($has)) !== [];
            $inner = $across - $this->motorA($motor, $across, $has) * $this->armatureOhm($motor, $has);
            $speed = $stands ? 0.0 : $inner / ($motor->fan->ratedV - $motor->fan->runA * $this->armatureOhm($motor, []));
            $speeds[$motor->id] = isset($has[DefectKind::LeadsExchanged->value]) ? -$speed : $speed;
        }

        return $speeds;
    }

    /**
     * What relays and modules do next.
     *
     * @param  array<string, float>  $volts
     * @param  array<string, bool>  $in
     * @param  list<Defect>  $defects
     * @return array<string, bool>
     */
    private function moved(array $volts, array $in, array $defects, Situation $situation): array
    {
        $isAtLimit = $in[self::AT_LIMIT] ?? false;
        $next = [
            self::TAKES => $volts[Rail::SUPPLY] > $this->restingV(self::kinds($defects, Battery::ID) !== []),
            self::AT_LIMIT => $isAtLimit ? $volts[Rail::SUPPLY] < $this->heldV() : ($this->heldV() - $volts[Rail::SUPPLY]) / self::ALTERNATOR_OHM > $this->mostA(),
        ];
        foreach ($this->sizing->circuit->components as $id => $component) {
            $has = self::kinds($defects, $id);
            if ($component instanceof Relay) {
                $coilV = abs($volts["{$id}:86"] - $volts["{$id}:85"]);
                $pullsInV = $component->part->pullInV * $this->draw("{$id} pull-in", 0.85, 1.0);
                $dropsOutV = max($component->part->dropOutV, 0.2 * $component->part->coilV);
                $broken = isset($has[DefectKind::CoilOpen->value]) || isset($has[DefectKind::CoilPinOut->value]) || isset($has[DefectKind::Dead->value]);
                $next[$id] = ! $broken && $coilV > (($in[$id] ?? false) ? $dropsOutV : $pullsInV);
            } elseif ($component instanceof TemperatureSensing && isset($volts["{$id}:15"])) {
                $next[$id] = $this->moduleActs($component, $volts, $defects, $situation);
            }
        }

        return $next;
    }

    /**
     * @param  Component&TemperatureSensing  $module
     * @param  array<string, float>  $volts
     * @param  list<Defect>  $defects
     */
    private function moduleActs(Component $module, array $volts, array $defects, Situation $situation): bool
    {
        $earth = $volts["{$module->id}:31"];
        $supplyV = $volts["{$module->id}:15"] - $earth;
        $probe = $supplyV > 0 ? ($volts["{$module->id}:S1"] - $earth) / $supplyV : 0.5;
        $isHot = match (true) {
            $probe > 0.97 => false,
            $probe < 0.015 => true,
            default => $this->isHot($module, $defects, $situation),
        };

        return $supplyV > self::MODULE_WORKS_V && $isHot;
    }

    /**
     * @param  Component&TemperatureSensing  $sensor
     * @param  list<Defect>  $defects
     */
    private function isHot(Component $sensor, array $defects, Situation $situation): bool
    {
        $has = self::kinds($defects, $sensor->id);
        $isMade = isset($situation->conditions->localC[$sensor->id]);
        $lateK = (isset($has[DefectKind::ActsLate->value]) ? 9.0 : 0.0) - (isset($has[DefectKind::ActsEarly->value]) ? 12.0 : 0.0);
        $offK = $isMade ? 0.0 : $this->draw("{$sensor->id} set", -1.5, 1.5) + $lateK;

        return ($situation->conditions->localC[$sensor->id] ?? $situation->conditions->coolantC) >= $sensor->band()->onC + $offK;
    }

    /**
     * @param  list<Defect>  $defects
     * @param  array<string, bool>  $in
     */
    private function built(Situation $situation, array $defects, array $in): SpiceCircuit
    {
        $circuit = new SpiceCircuit;
        $supply = $this->sizing->brief->supply;
        $this->supply($circuit, $situation, $in, self::kinds($defects, Battery::ID) !== []);
        if ($situation->conditions->key === Key::Run && $supply->baseLoadA > 0) {
            $circuit->resistor('loads', Rail::SUPPLY, Rail::EARTH, $supply->restingV / ($supply->baseLoadA * $this->draw('loads', 0.8, 1.2)));
        }
        foreach ($this->sizing->circuit->wires as $wire) {
            $has = self::kinds($defects, $wire->id);
            $ohm = self::COPPER * $wire->segment->lengthM / $wire->conductor->areaMm2 * (1 + self::COPPER_PER_K * $this->draw('bay', 0.0, 45.0))
                * $this->draw("{$wire->id} length", 0.95, 1.15) + $this->joint($wire->id, 0.0005, 0.004) + ($has[DefectKind::Joint->value] ?? 0.0);
            $circuit->resistor($wire->id, $wire->from, $wire->to, isset($has[DefectKind::Open->value]) ? 1e9 : $ohm);
            if (isset($has[DefectKind::Rubbed->value])) {
                $circuit->resistor("{$wire->id} rubbed", $wire->to, Rail::EARTH, 0.02);
            }
        }
        foreach ($this->sizing->circuit->components as $id => $component) {
            foreach ($component->paths() as $at => $path) {
                $has = self::kinds(array_values(array_filter($defects, static fn (Defect $defect): bool => $defect->path === $at)), $id);
                $has += isset($this->blown[$id]) && $defects !== [] ? [DefectKind::Open->value => 0.0] : [];
                $this->part($circuit, $component, "{$id}/{$at}", $path->from, $path->to, $path->symbol, $has, $situation, $in[$id] ?? false, $defects);
            }
        }

        return $circuit;
    }

    /**
     * A battery that takes less than it gives, and an alternator that gives what it can at idle.
     *
     * @param  array<string, bool>  $in
     */
    private function supply(SpiceCircuit $circuit, Situation $situation, array $in, bool $isFlat): void
    {
        $supply = $this->sizing->brief->supply;
        $givesOhm = 0.001 * $supply->batteryMilliohm * $this->draw('battery', 0.8, 1.6) * ($isFlat ? 2.5 : 1.0);
        $circuit->source('battery:inside', Rail::EARTH, $this->restingV($isFlat));
        $circuit->resistor(Battery::ID, 'battery:inside', Rail::SUPPLY, $in[self::TAKES] ?? false ? $this->draw('takes', 0.08, 0.5) : $givesOhm);
        if ($situation->conditions->engineRpm > 0 && ($in[self::AT_LIMIT] ?? false)) {
            $circuit->current(Rail::EARTH, Rail::SUPPLY, sprintf('%.9g', $this->mostA()));
        } elseif ($situation->conditions->engineRpm > 0) {
            $circuit->source('alternator:inside', Rail::EARTH, $this->heldV());
            $circuit->resistor('alternator', 'alternator:inside', Rail::SUPPLY, self::ALTERNATOR_OHM);
        }
    }

    private function restingV(bool $isFlat): float
    {
        return $this->sizing->brief->supply->restingV * (1 - ($isFlat ? 0.09 : $this->draw('charge', 0.0, 0.03)));
    }

    private function heldV(): float
    {
        return $this->sizing->brief->supply->chargingV + $this->draw('regulator', -0.3, 0.2);
    }

    private function mostA(): float
    {
        return $this->sizing->brief->supply->alternatorIdleA * $this->draw('idle output', 0.85, 1.15);
    }

    /**
     * @param  array<string, float>  $has  kind of what is wrong with this way to its ohms
     * @param  list<Defect>  $defects
     */
    private function part(
        SpiceCircuit $circuit, Component $part, string $name, string $from, string $to, Symbol $symbol, array $has, Situation $situation, bool $isIn, array $defects,
    ): void {
        // A lead that is put to earth goes past contact and body.
        $isPast = $symbol === Symbol::BodyThread && ($situation->acted[$part->id] ?? false);
        $isOpen = (isset($has[DefectKind::Open->value]) && ! $isPast) || $situation->unplugged === $part->id;
        $joint = $has[DefectKind::Joint->value] ?? 0.0;
        $ohm = match ($symbol) {
            Symbol::Fuse => $this->joint($name, 0.003, 0.012) + $joint,
            Symbol::BodyThread => $this->joint($name, 0.002, 0.02),
            Symbol::Plug => $this->joint($name, 0.002, 0.015) + $joint,
            Symbol::EarthPoint => $this->joint($name, 0.001, 0.008) + $joint,
            Symbol::KeySwitch => $situation->conditions->key === Key::Off ? null : $this->joint($name, 0.005, 0.04),
            Symbol::Lamp => 12.0 * $this->sizing->brief->supply->systemV * $this->draw($name, 0.9, 1.1),
            Symbol::Resistor => 2500.0 * exp(-0.035 * ($this->atProbeC($part, $situation) - 20)) + 20.0,
            Symbol::HandMake => self::joins($part, $situation, $from, $to) ? $this->joint($name, 0.005, 0.05) : null,
            Symbol::ThermalMake => $this->thermalOhm($part, $name, $has, $situation, $isIn, $defects),
            Symbol::MakeContact => ! isset($has[DefectKind::ContactPinOut->value]) && ($isIn || isset($has[DefectKind::Welded->value])) ? $this->joint($name, 0.002, 0.02) + $joint : null,
            Symbol::RestContact => $isIn || self::kinds($defects, $part->id) !== [] && isset(self::kinds($defects, $part->id)[DefectKind::ContactPinOut->value]) ? null : $this->joint($name, 0.002, 0.03),
            Symbol::DelayMake => isset($has[DefectKind::Welded->value]) ? 0.01 : null,
            Symbol::Coil => $this->coilOhm($part, $name, $has),
            Symbol::Module => null,
            Symbol::Motor => null,
            Symbol::PressureMake, Symbol::Lockout, Symbol::Diode, Symbol::Splice => throw new \LogicException("No vehicle has a {$symbol->value} yet."),
        };
        if ($ohm !== null && ! $isOpen) {
            $circuit->resistor($name, $from, $to, $ohm);
        }
        if ($symbol === Symbol::Coil && $part instanceof Relay && ! isset($has[DefectKind::CoilPinOut->value])) {
            $part->part->hasDiode() ? $circuit->diode($to, $from) : $circuit->resistor("{$name} suppression", $from, $to, $part->part->suppressionOhm);
        }
        if ($part instanceof FanMotor && ! $isOpen) {
            $this->motor($circuit, $part, $has);
        }
        if ($symbol === Symbol::Module) {
            $this->module($circuit, $part, $name, $from, $to, $situation, $isIn, $defects);
        }
    }

    /** @param  array<string, float>  $has */
    private function coilOhm(Component $part, string $name, array $has): ?float
    {
        if (! $part instanceof Relay) {
            return $this->sizing->brief->supply->systemV / 3.5 * $this->draw($name, 0.9, 1.1);
        }

        return isset($has[DefectKind::CoilOpen->value]) || isset($has[DefectKind::CoilPinOut->value])
            ? null : $part->part->coilOhm * $this->draw($name, 0.93, 1.07) * (1 + self::COPPER_PER_K * ($this->draw('bay', 0.0, 45.0) - 3));
    }

    /**
     * @param  array<string, float>  $has
     * @param  list<Defect>  $defects
     */
    private function thermalOhm(Component $part, string $name, array $has, Situation $situation, bool $isIn, array $defects): ?float
    {
        $isSupplied = in_array('15', array_map(static fn (string $terminal): string => explode(':', $terminal)[1], array_merge(...array_map(
            static fn ($path): array => [$path->from, $path->to], $part->paths(),
        ))), true);
        // What is joined past the contact is closed whatever that is like.
        $isJoinedPast = $situation->acted[$part->id] ?? false;
        if (! $part instanceof TemperatureSensing) {
            throw new \LogicException("{$part->id} feels no heat.");
        }
        $isClosed = match (true) {
            $isJoinedPast, isset($has[DefectKind::Welded->value]) => true,
            isset($has[DefectKind::Dead->value]) => false,
            $isSupplied => $isIn,
            default => $this->isHot($part, $defects, $situation),
        };

        return $isClosed ? $this->joint($name, 0.005, 0.06) : null;
    }

    /** @param  array<string, float>  $has */
    private function motor(SpiceCircuit $circuit, FanMotor $motor, array $has): void
    {
        $ohm = $this->armatureOhm($motor, $has);
        [$plus, $minus] = ["{$motor->id}:+", "{$motor->id}:-"];
        if (isset($has[DefectKind::HeldFast->value]) || isset($has[DefectKind::ShortCircuit->value])) {
            $circuit->resistor("{$motor->id}/0", $plus, $minus, isset($has[DefectKind::ShortCircuit->value]) ? 0.03 : $ohm);

            return;
        }
        // u = i·R + e and i = i₀(e/e₀)²: a permanent-magnet motor with a fan on it.
        $k = $this->emfPerRootAmpere($motor);
        $circuit->current($plus, $minus, sprintf('sgn({v})*((sqrt(%.9g+4*%.9g*abs({v}))-%.9g)/(2*%.9g))^2', $k ** 2, $ohm, $k, $ohm));
    }

    private function emfPerRootAmpere(FanMotor $motor): float
    {
        $runA = $motor->fan->runA * $this->draw("{$motor->id} draw", 0.88, 1.12);

        return ($motor->fan->ratedV - $runA * $this->armatureOhm($motor, [])) / sqrt($runA);
    }

    /** @param  array<string, float>  $has */
    private function armatureOhm(FanMotor $motor, array $has): float
    {
        return $motor->model->armatureOhm * $this->draw("{$motor->id} winding", 0.85, 1.15) + (isset($has[DefectKind::Weak->value]) ? 0.35 * $motor->fan->ratedV / $motor->fan->runA : 0.0);
    }

    /** @param  array<string, float>  $has */
    private function motorA(FanMotor $motor, float $volts, array $has): float
    {
        $ohm = $this->armatureOhm($motor, $has);
        $k = $this->emfPerRootAmpere($motor);
        $root = (sqrt($k ** 2 + 4 * $ohm * abs($volts)) - $k) / (2 * $ohm);

        return ($volts < 0 ? -1 : 1) * $root ** 2;
    }

    /** @param  list<Defect>  $defects */
    private function module(
        SpiceCircuit $circuit, Component $part, string $name, string $from, string $to, Situation $situation, bool $isIn, array $defects,
    ): void {
        [$fromPin, $toPin] = [explode(':', $from)[1], explode(':', $to)[1]];
        match (true) {
            $part instanceof ComputerDriver => $situation->conditions->key === Key::Run && ($this->isHot($part, $defects, $situation) || self::isAsked($part, $situation))
                ? $circuit->resistor($name, $from, $to, $this->draw($name, 0.15, 0.6)) : null,
            $part instanceof DelayRelay => $circuit->resistor($name, $from, $to, $toPin === '31' ? 80_000.0 : 15_000.0),
            $toPin === 'S1' => $circuit->resistor($name, $from, $to, $this->draw($name, 1800.0, 2600.0)),
            $fromPin === 'S2' => $circuit->resistor($name, $from, $to, 0.3),
            $fromPin === '15' => $circuit->resistor($name, $from, $to, $this->draw($name, 800.0, 4000.0)),
            $fromPin === '30' => $circuit->resistor($name, $from, $to, 0.002),
            $fromPin === 'M-' => $isIn ? $this->output($circuit, $part, $name, $situation, $defects) : null,
            default => throw new \LogicException("No vehicle has {$from} to {$to} yet."),
        };
    }

    /** @param  list<Defect>  $defects */
    private function output(SpiceCircuit $circuit, Component $part, string $name, Situation $situation, array $defects): void
    {
        if (! $part instanceof TemperatureSensing) {
            throw new \LogicException("{$part->id} feels no heat.");
        }
        $aboveK = ($situation->conditions->localC[$part->id] ?? $situation->conditions->coolantC) - $part->band()->onC;
        $duty = min(1.0, 0.3 + 0.7 * max(0.0, $aboveK) / max(0.1, $part->fullDemandC() - $part->band()->onC));
        if ($duty > 0.98) {
            $circuit->resistor($name, "{$part->id}:M-", "{$part->id}:31", 0.006);

            return;
        }
        $circuit->chopper("{$part->id}:M+", "{$part->id}:M-", "{$part->id}:31", $duty);
    }

    /** Whether the air conditioning is on and this output goes with it. */
    private static function isAsked(ComputerDriver $driver, Situation $situation): bool
    {
        return in_array('on', $driver->inputPositions(), true) && ($situation->conditions->positions[$driver->input()] ?? '') === 'on';
    }

    private function atProbeC(Component $probe, Situation $situation): float
    {
        return $situation->conditions->localC[str_replace('-probe', '', $probe->id)] ?? $situation->conditions->coolantC;
    }

    /** Whether a switch joins two terminals in the position it is in, as its diagram has it. */
    private static function joins(Component $part, Situation $situation, string $from, string $to): bool
    {
        return array_filter($part->elements($situation->conditions, 0), static fn (Element $element): bool => $element->from() === $from && $element->to() === $to) !== [];
    }

    /**
     * @param  list<Defect>  $defects
     * @return array<string, float>
     */
    private static function kinds(array $defects, string $part): array
    {
        $kinds = [];
        foreach ($defects as $defect) {
            if ($defect->part === $part) {
                $kinds[$defect->kind->value] = $defect->ohm;
            }
        }

        return $kinds;
    }

    /** A contact somewhere between the best and the worst of those that are sound, Ω. */
    private function joint(string $name, float $leastOhm, float $mostOhm): float
    {
        return exp($this->draw("{$name} joint", log($leastOhm), log($mostOhm)));
    }

    private function draw(string $what, float $least, float $most): float
    {
        return $this->drawn[$what] ??= $least + ($most - $least) * $this->random->getInt(0, 1_000_000) / 1e6;
    }
}
