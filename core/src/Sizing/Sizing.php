<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Brief\Feed;
use LampThread\Circuit\Arrangement\CoilSupply;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Fitted;
use LampThread\Electrics\Solver;
use LampThread\Shelf\Shelf;

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
     * @param  Duty  $duty  what that circuit carries
     */
    private function __construct(
        public Brief $brief,
        public array $choices,
        public Circuit $circuit,
        public Duty $duty,
    ) {}

    public static function of(Brief $brief, Shelf $shelf): self
    {
        $generous = Fitted::generous($brief, $shelf);
        $circuit = Circuit::of($brief, $generous);
        $duty = Duty::of($circuit);
        $starts = Starts::of($circuit, Duty::of($circuit, starting: true), self::opening($circuit));
        $choices = self::fuses($brief, $shelf, $circuit, $duty, $starts) + self::relays($brief, $shelf, $circuit, $duty, $starts);
        $taken = array_map(static fn (Choice $choice): string => $choice->taken->part->id, $choices);
        $fitted = new Fitted(
            $generous->usualConductor,
            $generous->usualFuse,
            $generous->usualRelay,
            [],
            array_filter(array_map($shelf->fuse(...), $taken)),
            array_filter(array_map($shelf->relay(...), $taken)),
        );
        $circuit = Circuit::of($brief, $fitted);
        $duty = Duty::of($circuit);
        $wireSizing = new WireSizing($shelf, new Ampacity($shelf->ampacityRows), $brief);
        $solver = new Solver($circuit);
        $conductors = [];
        $conductorC = [];
        foreach ($circuit->reels as $reel) {
            $wires = $circuit->wiresOf($reel);
            if ($wires === []) {
                continue;
            }
            $choice = $wireSizing->choose($reel, $circuit, $duty, $solver, $brief->pinned[$reel->id] ?? null);
            $choices[$reel->id] = $choice;
            $conductor = $shelf->conductor($choice->taken->part->id) ?? $fitted->usualConductor;
            $conductors[$reel->id] = $conductor;
            $choices += $wireSizing->given($reel, $circuit, $duty, $solver, $conductor);
            foreach ($wires as $wire) {
                $conductorC[$wire->id] = $wireSizing->conductorC($wire, $conductor, $duty->greatestA($wire->id));
            }
        }
        $circuit = Circuit::of($brief, $fitted->wired($conductors, $conductorC));
        $duty = Duty::of($circuit);

        return new self($brief, $choices + (new Ratings($brief, $circuit, $duty))->all(), $circuit, $duty);
    }

    /** What the chosen parts and the cable cost, in the workshop's own money. */
    public function cost(): float
    {
        $cost = 0.0;
        foreach ($this->choices as $choice) {
            $cost += $choice->kind === 'wire' ? 0.0 : $choice->taken->price() ?? 0.0;
        }
        foreach ($this->circuit->wires as $wire) {
            $cost += $wire->run->given === null ? $wire->run->lengthM * $wire->conductor->pricePerM : 0.0;
        }

        return $cost;
    }

    /** @return list<string> elements a start goes through: fuses and make contacts */
    private static function opening(Circuit $circuit): array
    {
        return [
            ...array_map(static fn (Component $fuse): string => $fuse->id, $circuit->each(Fuse::class)),
            ...array_map(static fn (Component $relay): string => "{$relay->id}-contact", $circuit->each(Relay::class)),
        ];
    }

    /** @return array<string, Choice> */
    private static function fuses(Brief $brief, Shelf $shelf, Circuit $circuit, Duty $duty, Starts $starts): array
    {
        $sizing = new FuseSizing($shelf);
        $choices = [];
        foreach ($circuit->each(Fuse::class) as $fuse) {
            $sharesCircuit = $fuse->id !== CoilSupply::FUSE && $brief->control->feed === Feed::ExistingCircuit;
            $choices[$fuse->id] = $sizing->choose(
                $fuse,
                $duty,
                $starts->surge($fuse->id),
                $sharesCircuit ? $brief->control->existingFuseA : null,
                $brief->pinned[$fuse->id] ?? null,
            );
        }

        return $choices;
    }

    /** @return array<string, Choice> */
    private static function relays(Brief $brief, Shelf $shelf, Circuit $circuit, Duty $duty, Starts $starts): array
    {
        $sizing = new RelaySizing($shelf, $brief);
        $relays = $circuit->each(Relay::class);
        $candidates = [];
        foreach ($relays as $relay) {
            $candidates[$relay->id] = $sizing->candidates($relay, $duty, $starts->surge("{$relay->id}-contact"));
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
                $pinned === null ? null : $sizing->judge($pinned, $relay, $duty, $starts->surge("{$relay->id}-contact")),
                $wanted[$relay->id] ?? null,
            );
        }

        return $choices;
    }
}
