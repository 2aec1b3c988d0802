<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Protects;
use LampThread\Circuit\Reel;
use LampThread\Circuit\Wire;
use LampThread\Electrics\Copper;
use LampThread\Shelf\Conductor;
use LampThread\Shelf\Shelf;

/** Chooses the one size a thread is cut from: strong enough, cool enough, thicker than its fuse asks, and losing little enough. */
final readonly class WireSizing
{
    /** Never thinner, for strength, mm² (common practice, no source). */
    public const LEAST_MM2 = 0.5;

    public function __construct(private Shelf $shelf, private Ampacity $ampacity, private Brief $brief) {}

    /** @param  Circuit  $circuit  with its fuses and relays already chosen, wires still generous */
    public function choose(Reel $reel, Circuit $circuit, Duty $duty, ?string $pinned): Choice
    {
        $wires = $circuit->wiresOf($reel);
        assert($wires !== [], 'a reel that nothing is cut from');
        $judge = fn (Conductor $conductor): Candidate => $this->judge($conductor, $reel, $wires, $circuit, $duty);
        $pinnedConductor = $pinned === null ? null : $this->shelf->conductor($pinned);

        return Choice::among(
            $reel->id,
            'wire',
            $reel->name,
            array_map($judge, $this->shelf->catalogue($this->brief->wiring->catalogue)),
            $pinnedConductor === null ? null : $judge($pinnedConductor),
        );
    }

    /** Copper temperature of a wire at its greatest steady current, °C; never reported above what copper survives. */
    public function conductorC(Wire $wire, Conductor $conductor, float $currentA): float
    {
        $insulationC = $this->brief->wiring->insulationC;
        $ampacityA = $this->ampacity->at($conductor->areaMm2, $wire->run->ambientC, $insulationC);

        return $ampacityA > 0
            ? min(1000.0, Ampacity::conductorC($wire->run->ambientC, $insulationC, $currentA, $ampacityA))
            : $wire->run->ambientC;
    }

    /** @param  non-empty-list<Wire>  $wires */
    private function judge(Conductor $conductor, Reel $reel, array $wires, Circuit $circuit, Duty $duty): Candidate
    {
        $insulationC = $this->brief->wiring->insulationC;
        $hottestC = max(array_map(static fn (Wire $wire): float => $wire->run->ambientC, $wires));
        $currentA = max(array_map(static fn (Wire $wire): float => $duty->greatestA($wire->id), $wires));
        $ampacityA = $this->ampacity->at($conductor->areaMm2, $hottestC, $insulationC);
        $carries = sprintf('Iz = %.1f A for %.2f mm² of %g °C cable at %g °C', $ampacityA, $conductor->areaMm2, $insulationC, $hottestC);
        $source = '33 CFR 183.425 Table 5 (from memory), ambient by NEC 310.15(B)';
        $fuse = $circuit->components[$reel->fuseId];
        assert($fuse instanceof Protects);

        return new Candidate($conductor, [
            new Constraint('strength', self::LEAST_MM2, $conductor->areaMm2, 'mm²', 'A ≥ 0.5 mm² whatever the current', 'common practice, no source'),
            new Constraint('steady current', $currentA, $ampacityA, 'A', "I ≤ Iz; {$carries}", $source),
            new Constraint('its fuse', $fuse->fuseA(), $ampacityA, 'A', "fuse rating ≤ Iz; {$carries}", $source),
            $this->drop($conductor, $reel, $wires, $duty),
        ]);
    }

    /** @param  list<Wire>  $wires */
    private function drop(Conductor $conductor, Reel $reel, array $wires, Duty $duty): Constraint
    {
        $hardest = $duty->hardestFor($wires[0]->id, $reel->loadFrom, $reel->loadTo);
        $volts = $hardest->volts;
        $othersV = $volts->at(Circuit::SUPPLY) - abs($volts->across($reel->loadFrom, $reel->loadTo));
        $wiresV = 0.0;
        foreach ($wires as $wire) {
            $currentA = abs($hardest->currentA($wire->id));
            $othersV -= $currentA * ($wire->ohm() - Wire::CRIMPS_OHM);
            $wiresV += $currentA * $wire->run->lengthM * $conductor->milliohmPerM / 1000
                * Copper::factor($this->conductorC($wire, $conductor, $currentA));
        }
        $systemV = $this->brief->supply->systemV;
        $limit = $this->brief->wiring->dropLimitPercent;

        return new Constraint(
            'loop drop',
            100 * ($wiresV + max(0.0, $othersV)) / $systemV,
            $limit,
            '%',
            sprintf(
                'wires %.3f V at working temperature + fuse, contacts, crimps and earth %.3f V, of %d V',
                $wiresV,
                max(0.0, $othersV),
                $systemV,
            ),
            'loss over the whole loop, feed and return; the limit is common practice, no source; resistance by the catalogue’s table',
        );
    }
}
