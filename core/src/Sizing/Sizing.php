<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Alteration;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Control\CircuitBuilder;
use LampThread\Circuit\Existing;
use LampThread\Circuit\Selection;
use LampThread\Circuit\Wire;
use LampThread\Operation\Surge;
use LampThread\Parts\Conductor;
use LampThread\Parts\FusePart;
use LampThread\Parts\Shelf;

/**
 * The parts of a job, chosen: fuses and relays by what a generously wired circuit would carry and how its fans start, then wires
 * behind those fuses. A generous wire loses less, so a fuse or relay that is enough for it is enough for the wire that is taken.
 *
 * The rule: of fuses the smallest rating that meets every constraint, the common family first; of relays the least spent on them and
 * one spare of each type; of wires the thinnest.
 */
final readonly class Sizing
{
    /**
     * @param  array<string, Choice>  $choices  by id
     * @param  Circuit  $circuit  built with what was chosen
     * @param  OperatingEnvelope  $envelope  what that circuit carries
     * @param  Ampacity  $ampacity  what wires were chosen by
     * @param  Existing|null  $existing  what was there; null where nothing was
     */
    private function __construct(
        public Brief $brief,
        public array $choices,
        public Circuit $circuit,
        public OperatingEnvelope $envelope,
        public Ampacity $ampacity,
        public ?Existing $existing,
    ) {}

    public static function of(Brief $brief, Shelf $shelf): self
    {
        $existing = Existing::of($brief, $shelf);
        $generous = Selection::generous($brief, $shelf, $existing);
        $circuit = CircuitBuilder::build($brief, $generous);
        $envelope = OperatingEnvelope::of($circuit);
        $through = [...self::opening($circuit), ...GivenRatings::carrying($circuit, $envelope)];
        $starts = StartSurges::of($circuit, OperatingEnvelope::of($circuit, starting: true), $through);
        $choices = self::fuses($brief, $shelf, $circuit, $envelope, $starts);
        $choices += self::relays($brief, $shelf, $circuit, $envelope, $starts, $choices);
        $taken = array_map(static fn (Choice $choice): string => $choice->taken->part->id(), $choices);
        $fitted = new Selection(
            $generous->usualConductor,
            $generous->usualFuse,
            $generous->usualRelay,
            [],
            array_filter(array_map($shelf->fuse(...), $taken)),
            array_filter(array_map($shelf->relay(...), $taken)),
            existing: $existing,
        );
        $circuit = CircuitBuilder::build($brief, $fitted);
        $envelope = OperatingEnvelope::of($circuit);
        [$wires, $conductors, $conductorC] = (new WireChoices($brief, $shelf, $circuit, $envelope))->all($fitted->usualConductor);
        if (self::hasThickEnds($wires)) {
            $wanted = (new WireChoices($brief, $shelf, $circuit, $envelope, endsCount: false))->all($fitted->usualConductor)[1];
            $fitted = $fitted->stubbed(self::stubs($circuit, $wanted));
            $circuit = CircuitBuilder::build($brief, $fitted);
            $envelope = OperatingEnvelope::of($circuit);
            [$wires, $conductors, $conductorC] = (new WireChoices($brief, $shelf, $circuit, $envelope))->all($fitted->usualConductor);
        }
        $choices += $wires;
        $circuit = CircuitBuilder::build($brief, $fitted->wired($conductors, $conductorC));
        $envelope = OperatingEnvelope::of($circuit);

        return new self(
            $brief, $choices + (new GivenRatings($circuit, $envelope, $starts))->all(), $circuit, $envelope, new Ampacity($shelf->ampacityRows), $existing,
        );
    }

    /** What is different from what was found. */
    public function alteration(): Alteration
    {
        return new Alteration($this->existing?->circuit, $this->circuit);
    }

    /** What the chosen parts and the cable cost, in the workshop's own money. */
    public function cost(): float
    {
        $cost = 0.0;
        foreach ($this->choices as $choice) {
            $isBought = $choice->kind !== 'wire' && $choice->isMade() && ! $this->circuit->wasThere($choice->id);
            $cost += $isBought ? $choice->taken->price() ?? 0.0 : 0.0;
        }
        foreach ($this->circuit->wires as $wire) {
            $cost += $wire->segment->given === null ? $wire->segment->lengthM * $wire->conductor->pricePerM : 0.0;
        }

        return $cost;
    }

    /** @return list<string> elements a start goes through: fuses and make contacts */
    private static function opening(Circuit $circuit): array
    {
        return [
            ...array_map(static fn (Fuse $fuse): string => $fuse->id, $circuit->each(Fuse::class)),
            ...array_map(static fn (Relay $relay): string => $relay->makeContact(), $circuit->each(Relay::class)),
        ];
    }

    /** What a wire is cut from, or was there; null where nothing fits, so that none is cut. */
    public function sizeOf(Wire $wire): ?Conductor
    {
        return $wire->segment->given ?? (($this->choices[$wire->group] ?? null)?->isMade() === false ? null : $wire->conductor);
    }

    /** @return list<string> components for which nothing fits, so that none is bought */
    public function unmade(): array
    {
        return array_keys(array_filter($this->choices, fn (Choice $choice): bool => isset($this->circuit->components[$choice->id]) && ! $choice->isMade()));
    }

    /** @return array<string, Choice> */
    private static function fuses(Brief $brief, Shelf $shelf, Circuit $circuit, OperatingEnvelope $envelope, StartSurges $starts): array
    {
        $sizing = new FuseSizing($shelf);
        $choices = [];
        foreach (EqualLoads::of($circuit) as $fuses) {
            $currentA = max(array_map(static fn (Fuse $fuse): float => $envelope->greatestA($fuse->id), $fuses));
            $surges = array_map(static fn (Fuse $fuse): Surge => $starts->surge($fuse->id), $fuses);
            usort($surges, static fn (Surge $a, Surge $b): int => $b->peakA <=> $a->peakA);
            foreach ($fuses as $fuse) {
                if (! $circuit->wasThere($fuse->id)) {
                    $choices[$fuse->id] = $sizing->choose($fuse, $currentA, $surges[0], $brief->pinned[$fuse->id] ?? null);
                } elseif ($brief->isJudged($fuse->id)) {
                    $choices[$fuse->id] = $sizing->found($fuse, $envelope->greatestA($fuse->id), $starts->surge($fuse->id));
                }
            }
        }

        return $choices;
    }

    /**
     * @param  array<string, Choice>  $fuses
     * @return array<string, Choice>
     */
    private static function relays(
        Brief $brief,
        Shelf $shelf,
        Circuit $circuit,
        OperatingEnvelope $envelope,
        StartSurges $starts,
        array $fuses,
    ): array {
        $sizing = new RelaySizing($shelf, $brief);
        $relays = array_filter($circuit->each(Relay::class), static fn (Relay $relay): bool => ! $circuit->wasThere($relay->id));
        $candidates = [];
        $fuseA = [];
        foreach ($relays as $relay) {
            $fuseA[$relay->id] = self::fuseBeforeA($relay, $circuit, $fuses);
            $candidates[$relay->id] = $sizing->candidates($relay, $envelope, $starts->surge($relay->makeContact()), $fuseA[$relay->id]);
        }
        $wanted = RelayTypes::cheapest(array_diff_key($candidates, $brief->pinned));
        $choices = [];
        foreach ($relays as $relay) {
            $pinned = isset($brief->pinned[$relay->id]) ? $shelf->relay($brief->pinned[$relay->id]) : null;
            $choices[$relay->id] = Choice::among(
                $relay->id,
                'relay',
                $relay->name,
                $candidates[$relay->id],
                $pinned === null ? null : $sizing->judge($pinned, $relay, $envelope, $starts->surge($relay->makeContact()), $fuseA[$relay->id]),
                $wanted[$relay->id] ?? null,
            );
        }
        foreach ($circuit->each(Relay::class) as $relay) {
            if ($circuit->wasThere($relay->id) && $brief->isJudged($relay->id)) {
                $judged = $sizing->judge($relay->part, $relay, $envelope, $starts->surge($relay->makeContact()), self::fuseBeforeA($relay, $circuit, $fuses));
                $choices[$relay->id] = Choice::found($relay->id, 'relay', $relay->name, $judged, $relay->id, 'ratedA');
            }
        }

        return $choices;
    }

    /**
     * Whether a wire is pinned, or would have to be, thicker than its ends take.
     *
     * @param  array<string, Choice>  $wires
     */
    private static function hasThickEnds(array $wires): bool
    {
        foreach ($wires as $choice) {
            $broken = array_map(static fn (Constraint $constraint): string => $constraint->code, $choice->taken->broken());
            if (! $choice->isMade() || in_array('ends-take', $broken, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  array<string, Conductor>  $conductors  by wire group, whatever they end at
     * @return array<string, true> terminals that take no wire as thick as the one that leads to them
     */
    private static function stubs(Circuit $circuit, array $conductors): array
    {
        $stubs = [];
        foreach ($circuit->wires as $wire) {
            foreach ([$wire->from, $wire->to] as $terminal) {
                if ($wire->segment->given === null && $conductors[$wire->group]->areaMm2 > $circuit->terminationAt($terminal)->mostMm2()) {
                    $stubs[$terminal] = true;
                }
            }
        }

        return $stubs;
    }

    /**
     * Rating of the largest fuse that lets current to a relay's contact, A.
     *
     * @param  array<string, Choice>  $fuses
     */
    private static function fuseBeforeA(Relay $relay, Circuit $circuit, array $fuses): float
    {
        $largestA = 0.0;
        foreach ($circuit->wiresInto($relay->terminal('30')) as $wire) {
            $protection = $circuit->protectionOf($circuit->wireGroups[$wire->group]);
            $chosen = ($fuses[$protection->id] ?? null)?->taken->part;
            $largestA = max($largestA, $chosen instanceof FusePart ? $chosen->ratedA : $protection->ratedA());
        }

        return $largestA;
    }
}
