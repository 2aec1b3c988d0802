<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\FoundParts;
use LampThread\Circuit\Wire;
use LampThread\Circuit\WireGroup;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Operation\Solver;
use LampThread\Parts\Conductor;
use LampThread\Parts\Shelf;

/**
 * Chooses the one size a thread is cut from: strong enough, cool enough, thicker than its fuse asks at rating, at a long overload and
 * at a short, and losing little enough.
 */
final readonly class WireSizing
{
    /** Never thinner, for strength, mm² (common practice, no source). */
    public const LEAST_MM2 = 0.5;

    /** A wire carries nothing to speak of in a place as hot as this below what its insulation stands, K. */
    private const HEADROOM_K = 5.0;

    /** Current over rating at which a fuse may take its longest to open: its 135 % gate. */
    public const LONG_OVERLOAD = 1.35;

    public function __construct(private Shelf $shelf, private Ampacity $ampacity, private Brief $brief, private bool $endsCount = true) {}

    /**
     * @param  Circuit  $circuit  with its fuses and relays already chosen, wires still generous
     * @param  float  $limitPercent  what its wires may lose
     * @param  string|null  $preferred  id of the size that what lies beside or behind it asks for
     * @param  string  $because  code of the sentence that says why the preferred is
     * @param  float|null  $mostMm2  of the trunk it branches off; null where there is none
     */
    public function choose(
        WireGroup $group,
        Circuit $circuit,
        OperatingEnvelope $envelope,
        Solver $solver,
        ?string $pinned,
        float $limitPercent,
        ?string $preferred = null,
        string $because = 'choice.equal-fans',
        ?float $mostMm2 = null,
    ): Choice {
        $wires = $circuit->wiresOf($group);
        assert($wires !== [], 'a group no wire is in');
        $protection = Protection::of($group, $circuit, $this->shelf);
        $loop = FeedLoop::of($wires, $group, $envelope, $solver);
        $new = array_values(array_filter($wires, static fn (Wire $wire): bool => $wire->segment->given === null));
        // What a wire that was there loses, no new one beside it makes good.
        $there = array_values(array_filter($wires, static fn (Wire $wire): bool => $wire->foundId !== null));
        $isSpent = $there !== [] || $this->isSpent($loop, $limitPercent);
        $judge = fn (Conductor $conductor): Candidate => new Candidate($conductor, [
            new Constraint('strength', self::LEAST_MM2, $conductor->areaMm2, Unit::SquareMillimetre),
            ...($new === [] ? [] : self::ofWhatIsKnown($this->carrying($conductor, $new, $protection, $loop, $envelope), $group, $circuit)),
            ...($this->endsCount ? self::ends($conductor, $new, $circuit) : []),
            ...($isSpent ? [] : [$this->drop($conductor, $loop, $limitPercent)]),
            ...($mostMm2 === null ? [] : [new Constraint('trunk', $conductor->areaMm2, $mostMm2, Unit::SquareMillimetre)]),
        ]);
        $pinnedConductor = $pinned === null ? null : $this->shelf->conductor($pinned);

        return Choice::among(
            $group->id,
            'wire',
            $group->name,
            array_map($judge, $this->shelf->catalogue($this->brief->wiring->catalogue)),
            $pinnedConductor === null ? null : $judge($pinnedConductor),
            $preferred ?? ($there === [] ? null : $this->asThick($there[0]->conductor)),
            preferredBecause: $preferred === null && $there !== [] ? 'choice.as-found' : $because,
        );
    }

    /** The size of the catalogue that is no thinner than a wire that was there; null where none is. */
    private function asThick(Conductor $there): ?string
    {
        foreach ($this->shelf->catalogue($this->brief->wiring->catalogue) as $conductor) {
            if ($conductor->areaMm2 >= $there->areaMm2) {
                return $conductor->id;
            }
        }

        return null;
    }

    /** What the wires of a group of this size lose in their hardest state, % of what the battery then has. */
    public function dropPercent(WireGroup $group, Conductor $conductor, Circuit $circuit, OperatingEnvelope $envelope, Solver $solver): float
    {
        $wires = $circuit->wiresOf($group);

        return $wires === [] ? 0.0 : $this->drop($conductor, FeedLoop::of($wires, $group, $envelope, $solver), INF)->value;
    }

    /**
     * What was there already, judged by what it carries: no new wire makes an old one thicker.
     *
     * @param  Circuit  $circuit  with its fuses and relays already chosen
     * @param  Conductor  $conductor  what the rest of the thread is cut from
     * @return array<string, Choice> by group and stretch
     */
    public function given(WireGroup $group, Circuit $circuit, OperatingEnvelope $envelope, Solver $solver, Conductor $conductor): array
    {
        $wires = $circuit->wiresOf($group);
        $there = array_filter($wires, static fn (Wire $wire): bool => $wire->segment->given !== null && $wire->foundId === null);
        if ($wires === [] || $there === []) {
            return [];
        }
        $protection = Protection::of($group, $circuit, $this->shelf);
        $loop = FeedLoop::of($wires, $group, $envelope, $solver);
        $limitPercent = $this->brief->wiring->dropLimitPercent;
        $drop = $this->isSpent($loop, $limitPercent) ? [$this->drop($conductor, $loop, $limitPercent)] : [];
        $choices = [];
        foreach ($there as $wire) {
            $id = "{$group->id}-{$wire->stretch->value}";
            $choices[$id] = Choice::given(
                $id,
                'wire',
                Message::of('wire-group.there-already', group: $group->name, stretch: Message::of("stretch.{$wire->stretch->value}")),
                new Candidate($wire->segment->given ?? $conductor, [...$this->carrying($conductor, [$wire], $protection, $loop, $envelope), ...$drop]),
                "/runs/{$this->brief->segmentName($wire->stretch, $group->lengthsOf ?? $group->id)}/conductor",
            );
        }

        return $choices;
    }

    /**
     * Wires that were there and stay, judged by what they carry now, and against the fuse before them as their maker does it, where that is told too: of
     * their insulation and of where they lie nobody knows enough.
     *
     * @return array<string, Choice> one where there are any and they are known, by group
     */
    public function found(WireGroup $group, Circuit $circuit, OperatingEnvelope $envelope, Solver $solver): array
    {
        $wires = $circuit->wiresOf($group);
        $there = array_values(array_filter($wires, static fn (Wire $wire): bool => $wire->foundId !== null));
        if ($wires === [] || $there === [] || ! $this->brief->isJudged($group->id)) {
            return [];
        }
        $constraints = $this->carrying(
            $there[0]->conductor, $there, Protection::of($group, $circuit, $this->shelf), FeedLoop::of($wires, $group, $envelope, $solver), $envelope,
        );
        $judged = array_values(array_filter($constraints, static fn (Constraint $one): bool => ! in_array($one->code, Constraint::OF_FUSE, true)));
        if ($circuit->isKnown($group->protectedBy)) {
            $area = $there[0]->conductor->areaMm2;
            $judged[] = new Constraint('fuse-as-makers', $circuit->protectionOf($group)->ratedA(), FoundParts::mostFuseA($area), Unit::Ampere, [
                'area' => Unit::SquareMillimetre->of($area),
            ]);
        }
        $name = Message::of('wire-group.found', group: $group->name);

        return $judged === [] ? [] : ["{$group->id}-found" => Choice::found(
            "{$group->id}-found", 'wire', $name, new Candidate($there[0]->conductor, $judged), $group->id, 'areaMm2',
        )];
    }

    /**
     * Without those that judge by a fuse nobody has looked at.
     *
     * @param  list<Constraint>  $constraints
     * @return list<Constraint>
     */
    private static function ofWhatIsKnown(array $constraints, WireGroup $group, Circuit $circuit): array
    {
        return $circuit->isKnown($group->protectedBy)
            ? $constraints : array_values(array_filter($constraints, static fn (Constraint $one): bool => ! in_array($one->code, Constraint::OF_FUSE, true)));
    }

    public function ampacityA(Wire $wire, Conductor $conductor): float
    {
        return $this->ampacity->ofWire($wire, $conductor, $this->brief->wiring->insulationC);
    }

    /** Copper temperature of a wire at its greatest steady current, °C; never reported above what copper survives. */
    public function conductorC(Wire $wire, Conductor $conductor, float $currentA): float
    {
        $ampacityA = $this->ampacityA($wire, $conductor);

        return $ampacityA > 0
            ? min(1000.0, Ampacity::conductorC($wire->segment->ambientC, $this->brief->wiring->insulationC, $currentA, $ampacityA))
            : $wire->segment->ambientC;
    }

    /** What a short circuit through a loop of this size is, A: battery at rest, copper warm, so the least it can be. */
    public function shortA(Conductor $conductor, FeedLoop $loop): float
    {
        return $this->brief->supply->restingV / ($loop->othersOhm + $loop->wiresOhm($conductor, $this->warm($conductor, $loop)));
    }

    /** @return \Closure(Wire): float copper temperature of each wire of the loop as its hardest state has it, °C */
    private function warm(Conductor $conductor, FeedLoop $loop): \Closure
    {
        return fn (Wire $wire): float => $this->conductorC($wire, $conductor, abs($loop->hardest->currentA($wire->id)));
    }

    /**
     * @param  Conductor  $conductor  what is cut new
     * @param  non-empty-list<Wire>  $wires  those that are judged
     * @return non-empty-list<Constraint>
     */
    private function carrying(Conductor $conductor, array $wires, Protection $protection, FeedLoop $loop, OperatingEnvelope $envelope): array
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
        if ($least->segment->ambientC > $insulationC - self::HEADROOM_K) {
            return [new Constraint('hot-place', $least->segment->ambientC, $insulationC - self::HEADROOM_K, Unit::Celsius, ['insulation' => Unit::Celsius->of($insulationC)])];
        }
        $currentA = max(array_map(static fn (Wire $wire): float => $envelope->greatestA($wire->id), $wires));
        $carries = [
            'ampacity' => Unit::Ampere->of($leastA),
            'area' => Unit::SquareMillimetre->of(($least->segment->given ?? $conductor)->areaMm2),
            'insulation' => Unit::Celsius->of($insulationC),
            'ambient' => Unit::Celsius->of($least->segment->ambientC),
            'bundle' => $least->segment->bundle,
            'isBundled' => Ampacity::bundleFactor($least->segment->bundle) < 1,
        ];

        return [
            new Constraint('steady-current', $currentA, $leastA, Unit::Ampere, $carries),
            new Constraint('fuse-rating', $protection->warmA, $leastA, Unit::Ampere, [
                ...$carries, 'isJoined' => $protection->joinedAt !== null, 'joinedAt' => $protection->joinedAt ?? '',
            ]),
            $this->longOverload($least, $leastA, $protection),
            ...$this->short($conductor, $least, $currentA, $leastA, $protection, $loop),
        ];
    }

    /**
     * @param  list<Wire>  $wires  those that are cut new
     * @return list<Constraint>
     */
    private static function ends(Conductor $conductor, array $wires, Circuit $circuit): array
    {
        $mostMm2 = INF;
        $leastMm2 = 0.0;
        $where = [];
        foreach ($wires as $wire) {
            foreach ([$wire->from, $wire->to] as $terminal) {
                $end = $circuit->terminationAt($terminal);
                if ($end->mostMm2() < $mostMm2) {
                    $mostMm2 = $end->mostMm2();
                    $where = ['terminal' => $circuit->terminalName($terminal), 'end' => Message::of("termination.{$end->shape()->value}")];
                }
                $leastMm2 = max($leastMm2, $end->leastMm2());
            }
        }

        return $where === [] ? [] : [
            new Constraint('ends-take', $conductor->areaMm2, $mostMm2, Unit::SquareMillimetre, $where),
            new Constraint('ends-hold', $leastMm2, $conductor->areaMm2, Unit::SquareMillimetre),
        ];
    }

    private function longOverload(Wire $wire, float $ampacityA, Protection $protection): Constraint
    {
        $insulationC = $this->brief->wiring->insulationC;
        $overA = self::LONG_OVERLOAD * $protection->ratedA;

        return new Constraint(
            'long-overload',
            $ampacityA > 0 ? min(1000.0, Ampacity::conductorC($wire->segment->ambientC, $insulationC, $overA, $ampacityA)) : 1000.0,
            $insulationC + Adiabatic::OVERLOAD_K,
            Unit::Celsius,
            [
                'ambient' => Unit::Celsius->of($wire->segment->ambientC), 'insulation' => Unit::Celsius->of($insulationC), 'over' => Unit::Ampere->of($overA),
                'ampacity' => Unit::Ampere->of($ampacityA), 'multiple' => self::LONG_OVERLOAD,
            ],
        );
    }

    /** @return list<Constraint> */
    private function short(Conductor $conductor, Wire $wire, float $currentA, float $ampacityA, Protection $protection, FeedLoop $loop): array
    {
        $insulationC = $this->brief->wiring->insulationC;
        $shortA = $this->shortA($conductor, $loop);
        $beforeC = $ampacityA > 0 ? min($insulationC, Ampacity::conductorC($wire->segment->ambientC, $insulationC, $currentA, $ampacityA)) : $insulationC;
        $opensS = $protection->gates->mostS($shortA / $protection->ratedA);
        // What a wire carries for good needs no fuse to open.
        $isCarried = $shortA <= $ampacityA;

        return [
            new Constraint(
                'short-circuit',
                $isCarried ? 0.0 : min(1e12, $shortA ** 2 * $opensS),
                Adiabatic::withstandA2s(($wire->segment->given ?? $conductor)->areaMm2, $beforeC, $insulationC + Adiabatic::OVERLOAD_K),
                Unit::AmpereSquaredSecond,
                [
                    'short' => Unit::Ampere->of($shortA),
                    'opens' => is_finite($opensS),
                    'within' => Unit::Second->of(is_finite($opensS) ? $opensS : 0.0),
                    'from' => Unit::Celsius->of($beforeC),
                    'to' => Unit::Celsius->of($insulationC + Adiabatic::OVERLOAD_K),
                    'k' => round(Adiabatic::k($beforeC, $insulationC + Adiabatic::OVERLOAD_K)),
                    'standard' => $protection->gates->standard,
                ],
            ),
            new Constraint(
                'opens-on-short',
                $isCarried ? 0.0 : Protection::SHORT_MULTIPLE * $protection->ratedA,
                $shortA,
                Unit::Ampere,
                [
                    'multiple' => Protection::SHORT_MULTIPLE, 'rated' => Unit::Ampere->of($protection->ratedA),
                    'resting' => Unit::Volt->of($this->brief->supply->restingV),
                ],
            ),
        ];
    }

    /** Whether what was there already loses more than the wires may: then no size that is cut new mends it. */
    private function isSpent(FeedLoop $loop, float $limitPercent): bool
    {
        $thereV = $loop->thereV(fn (Wire $wire): float => $this->conductorC($wire, $wire->conductor, abs($loop->hardest->currentA($wire->id))));

        return 100 * $thereV / $loop->batteryV() > $limitPercent;
    }

    /** Copper answers for itself alone: what contacts, fuse and earth lose is judged apart from it, by Proof\Rule\VoltageLost. */
    private function drop(Conductor $conductor, FeedLoop $loop, float $limitPercent): Constraint
    {
        $wiresV = $loop->wiresV($conductor, $this->warm($conductor, $loop));
        $batteryV = $loop->batteryV();

        return new Constraint(
            'wire-drop',
            100 * $wiresV / $batteryV,
            $limitPercent,
            Unit::Percent,
            ['wires' => Unit::Volt->of($wiresV), 'battery' => Unit::Volt->of($batteryV)],
        );
    }
}
