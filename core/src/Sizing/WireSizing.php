<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Reel;
use LampThread\Circuit\Wire;
use LampThread\Electrics\Solver;
use LampThread\Shelf\Conductor;
use LampThread\Shelf\Shelf;

/**
 * Chooses the one size a thread is cut from: strong enough, cool enough, thicker than its fuse asks at rating, at a long overload and
 * at a short, and losing little enough.
 */
final readonly class WireSizing
{
    /** Never thinner, for strength, mm² (common practice, no source). */
    public const LEAST_MM2 = 0.5;

    /** Current over rating at which a fuse may take its longest to open: its 135 % gate. */
    public const LONG_OVERLOAD = 1.35;

    private const AMPACITY_SOURCE = '33 CFR 183.425 Table 5 (from memory), ambient by NEC 310.15(B)';

    public function __construct(private Shelf $shelf, private Ampacity $ampacity, private Brief $brief) {}

    /** @param  Circuit  $circuit  with its fuses and relays already chosen, wires still generous */
    public function choose(Reel $reel, Circuit $circuit, Duty $duty, Solver $solver, ?string $pinned): Choice
    {
        $wires = $circuit->wiresOf($reel);
        assert($wires !== [], 'a reel that nothing is cut from');
        $protection = Protection::of($reel, $circuit, $this->shelf);
        $loop = Loop::of($wires, $reel, $duty, $solver);
        $new = array_values(array_filter($wires, static fn (Wire $wire): bool => $wire->run->given === null));
        $isSpent = $this->isSpent($loop);
        $judge = fn (Conductor $conductor): Candidate => new Candidate($conductor, [
            new Constraint('strength', self::LEAST_MM2, $conductor->areaMm2, 'mm²', 'A ≥ 0.5 mm² whatever the current', 'common practice, no source'),
            ...($new === [] ? [] : $this->carrying($conductor, $new, $protection, $loop, $duty)),
            ...($isSpent ? [] : [$this->drop($conductor, $loop)]),
        ]);
        $pinnedConductor = $pinned === null ? null : $this->shelf->conductor($pinned);

        return Choice::among(
            $reel->id,
            'wire',
            $reel->name,
            array_map($judge, $this->shelf->catalogue($this->brief->wiring->catalogue)),
            $pinnedConductor === null ? null : $judge($pinnedConductor),
        );
    }

    /**
     * What was there already, judged by what it carries: no new wire makes an old one thicker.
     *
     * @param  Circuit  $circuit  with its fuses and relays already chosen
     * @param  Conductor  $conductor  what the rest of the thread is cut from
     * @return array<string, Choice> by reel and stretch
     */
    public function given(Reel $reel, Circuit $circuit, Duty $duty, Solver $solver, Conductor $conductor): array
    {
        $wires = $circuit->wiresOf($reel);
        $there = array_filter($wires, static fn (Wire $wire): bool => $wire->run->given !== null);
        if ($wires === [] || $there === []) {
            return [];
        }
        $protection = Protection::of($reel, $circuit, $this->shelf);
        $loop = Loop::of($wires, $reel, $duty, $solver);
        $drop = $this->isSpent($loop) ? [$this->drop($conductor, $loop)] : [];
        $choices = [];
        foreach ($there as $wire) {
            $id = "{$reel->id}-{$wire->stretch->value}";
            $choices[$id] = Choice::given(
                $id,
                'wire',
                "{$reel->name}, {$wire->stretch->label()}, there already",
                new Candidate($wire->run->given ?? $conductor, [...$this->carrying($conductor, [$wire], $protection, $loop, $duty), ...$drop]),
                '/runs/'.(isset($this->brief->runs[$wire->stretch->on($reel->id)]) ? $wire->stretch->on($reel->id) : $wire->stretch->value).'/conductor',
            );
        }

        return $choices;
    }

    public function ampacityA(Wire $wire, Conductor $conductor): float
    {
        $conductor = $wire->run->given ?? $conductor;

        return $this->ampacity->at($conductor->areaMm2, $wire->run->ambientC, $this->brief->wiring->insulationC, $wire->run->bundle);
    }

    /** Copper temperature of a wire at its greatest steady current, °C; never reported above what copper survives. */
    public function conductorC(Wire $wire, Conductor $conductor, float $currentA): float
    {
        $ampacityA = $this->ampacityA($wire, $conductor);

        return $ampacityA > 0
            ? min(1000.0, Ampacity::conductorC($wire->run->ambientC, $this->brief->wiring->insulationC, $currentA, $ampacityA))
            : $wire->run->ambientC;
    }

    /** What a short circuit through a loop of this size is, A: battery at rest, copper warm, so the least it can be. */
    public function shortA(Conductor $conductor, Loop $loop): float
    {
        return $this->brief->supply->restingV / ($loop->othersOhm + $loop->wiresOhm($conductor, $this->warm($conductor, $loop)));
    }

    /** @return \Closure(Wire): float copper temperature of each wire of the loop as its hardest setting has it, °C */
    private function warm(Conductor $conductor, Loop $loop): \Closure
    {
        return fn (Wire $wire): float => $this->conductorC($wire, $conductor, abs($loop->hardest->currentA($wire->id)));
    }

    /**
     * @param  Conductor  $conductor  what is cut new
     * @param  non-empty-list<Wire>  $wires  those that are judged
     * @return non-empty-list<Constraint>
     */
    private function carrying(Conductor $conductor, array $wires, Protection $protection, Loop $loop, Duty $duty): array
    {
        $insulationC = $this->brief->wiring->insulationC;
        $leastA = INF;
        $least = $wires[0];
        foreach ($wires as $wire) {
            $ampacityA = $this->ampacityA($wire, $conductor);
            if ($ampacityA < $leastA) {
                $leastA = $ampacityA;
                $least = $wire;
            }
        }
        $currentA = max(array_map(static fn (Wire $wire): float => $duty->greatestA($wire->id), $wires));
        $carries = sprintf(
            'Iz = %.1f A for %.2f mm² of %g °C cable at %g °C%s',
            $leastA,
            ($least->run->given ?? $conductor)->areaMm2,
            $insulationC,
            $least->run->ambientC,
            Ampacity::bundleFactor($least->run->bundle) < 1 ? sprintf(', %d lying together', $least->run->bundle) : '',
        );

        return [
            new Constraint('steady current', $currentA, $leastA, 'A', "I ≤ Iz; {$carries}", self::AMPACITY_SOURCE),
            new Constraint('its fuse', $protection->ratedA, $leastA, 'A', "{$protection->says} ≤ Iz; {$carries}", self::AMPACITY_SOURCE),
            $this->longOverload($least, $leastA, $protection),
            ...$this->short($conductor, $least, $currentA, $leastA, $protection, $loop),
        ];
    }

    private function longOverload(Wire $wire, float $ampacityA, Protection $protection): Constraint
    {
        $insulationC = $this->brief->wiring->insulationC;
        $overA = self::LONG_OVERLOAD * $protection->ratedA;

        return new Constraint(
            'long overload',
            $ampacityA > 0 ? min(1000.0, Ampacity::conductorC($wire->run->ambientC, $insulationC, $overA, $ampacityA)) : 1000.0,
            $insulationC + Adiabatic::OVERLOAD_K,
            '°C',
            sprintf('%g °C + (%g − %g) × (%.3g A / %.3g A)² at %g of the fuse’s rating, which it may carry for minutes', $wire->run->ambientC, $insulationC, $wire->run->ambientC, $overA, $ampacityA, self::LONG_OVERLOAD),
            'Ta + (Tr − Ta) × (I/Iz)²; thermal overload +50 °C, ISO 6722-1, from memory',
        );
    }

    /** @return list<Constraint> */
    private function short(Conductor $conductor, Wire $wire, float $currentA, float $ampacityA, Protection $protection, Loop $loop): array
    {
        $insulationC = $this->brief->wiring->insulationC;
        $shortA = $this->shortA($conductor, $loop);
        $beforeC = $ampacityA > 0 ? min($insulationC, Ampacity::conductorC($wire->run->ambientC, $insulationC, $currentA, $ampacityA)) : $insulationC;
        $opensS = $protection->gates->mostS($shortA / $protection->ratedA);

        return [
            new Constraint(
                'short circuit',
                min(1e12, $shortA ** 2 * $opensS),
                Adiabatic::withstandA2s(($wire->run->given ?? $conductor)->areaMm2, $beforeC, $insulationC + Adiabatic::OVERLOAD_K),
                'A²s',
                is_finite($opensS)
                    ? sprintf('%.3g A at the far end, open within %.2g s: I²t ≤ k²S² from %.0f to %.0f °C, k = %.0f', $shortA, $opensS, $beforeC, $insulationC + Adiabatic::OVERLOAD_K, Adiabatic::k($beforeC, $insulationC + Adiabatic::OVERLOAD_K))
                    : sprintf('%.3g A at the far end need never open the fuse', $shortA),
                "IEC 60949; longest opening times of {$protection->gates->standard}, from memory",
            ),
            new Constraint(
                'opens on a short',
                Protection::SHORT_MULTIPLE * $protection->ratedA,
                $shortA,
                'A',
                sprintf('%g × %g A ≤ %g V / loop resistance', Protection::SHORT_MULTIPLE, $protection->ratedA, $this->brief->supply->restingV),
                'common practice, no source: below 3.5 times its rating a fuse takes long to open',
            ),
        ];
    }

    /** Whether what was there already loses more than the loop may: then no size that is cut new mends it. */
    private function isSpent(Loop $loop): bool
    {
        $thereV = $loop->thereV(fn (Wire $wire): float => $this->conductorC($wire, $wire->conductor, abs($loop->hardest->currentA($wire->id))));

        return $thereV > 0.0 && 100 * ($thereV + $loop->othersV) / $this->brief->supply->systemV > $this->brief->wiring->dropLimitPercent;
    }

    private function drop(Conductor $conductor, Loop $loop): Constraint
    {
        $wiresV = $loop->wiresV($conductor, $this->warm($conductor, $loop));
        $systemV = $this->brief->supply->systemV;

        return new Constraint(
            'loop drop',
            100 * ($wiresV + $loop->othersV) / $systemV,
            $this->brief->wiring->dropLimitPercent,
            '%',
            sprintf('wires %.3f V at working temperature + fuse, contacts, crimps and earth %.3f V, of %d V', $wiresV, $loop->othersV, $systemV),
            'loss over the whole loop, feed and return; the limit is common practice, no source; resistance by the catalogue’s table',
        );
    }
}
