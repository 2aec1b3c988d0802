<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Brief\Feed;
use LampThread\Circuit\Arrangement\CoilSupply;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Fitted;
use LampThread\Shelf\Shelf;

/**
 * The parts of a job, chosen: fuses and relays by what a generously wired circuit would carry, then wires behind those fuses.
 * The rule is the smallest part that meets every constraint.
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
        $starting = Duty::of($circuit, starting: true);
        $choices = [];
        $fuses = [];
        $relays = [];
        $fuseSizing = new FuseSizing($shelf);
        foreach ($circuit->each(Fuse::class) as $fuse) {
            $choices[$fuse->id] = $fuseSizing->choose(
                $fuse,
                $duty,
                $fuse->id !== CoilSupply::FUSE && $brief->control->feed === Feed::ExistingCircuit ? $brief->control->existingFuseA : null,
                $brief->pinned[$fuse->id] ?? null,
            );
            $fuses[$fuse->id] = $shelf->fuse($choices[$fuse->id]->taken->part->id);
        }
        $relaySizing = new RelaySizing($shelf, $brief->supply->systemV);
        foreach ($circuit->each(Relay::class) as $relay) {
            $choices[$relay->id] = $relaySizing->choose($relay, $duty, $starting, $brief->pinned[$relay->id] ?? null);
            $relays[$relay->id] = $shelf->relay($choices[$relay->id]->taken->part->id);
        }
        $fitted = new Fitted(
            $generous->usualConductor, $generous->usualFuse, $generous->usualRelay, [], array_filter($fuses), array_filter($relays),
        );
        $circuit = Circuit::of($brief, $fitted);
        $duty = Duty::of($circuit);
        $wireSizing = new WireSizing($shelf, new Ampacity($shelf->ampacityRows), $brief);
        $conductors = [];
        $conductorC = [];
        foreach ($circuit->reels as $reel) {
            if ($circuit->wiresOf($reel) === []) {
                continue;
            }
            $choice = $wireSizing->choose($reel, $circuit, $duty, $brief->pinned[$reel->id] ?? null);
            $choices[$reel->id] = $choice;
            $conductor = $shelf->conductor($choice->taken->part->id) ?? $fitted->usualConductor;
            $conductors[$reel->id] = $conductor;
            foreach ($circuit->wiresOf($reel) as $wire) {
                $conductorC[$wire->id] = $wireSizing->conductorC($wire, $conductor, $duty->greatestA($wire->id));
            }
        }
        $circuit = Circuit::of($brief, new Fitted(
            $fitted->usualConductor, $fitted->usualFuse, $fitted->usualRelay, $conductors, $fitted->fuses, $fitted->relays, $conductorC,
        ));

        return new self($brief, $choices, $circuit, Duty::of($circuit));
    }
}
