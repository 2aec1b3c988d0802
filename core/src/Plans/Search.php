<?php

declare(strict_types=1);

namespace LampThread\Plans;

use LampThread\Brief\TemperatureBand;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Message\Message;
use LampThread\Parts\Shelf;
use LampThread\Road\Advice;
use LampThread\Road\CoolingPolicy;
use LampThread\Road\SetPointAdviser;
use LampThread\Road\Simulation;
use LampThread\Road\SwitchingGap;
use LampThread\Road\Vehicle;
use LampThread\Sizing\Sizing;

/**
 * Judges drafts one after the other. What two drafts share is worked out once: faults are counted with the first fan and the first place, and
 * drives know nothing of dash switches.
 */
final class Search
{
    /** @var array<string, FaultCount> by what a circuit is wired like */
    private array $counts = [];

    /** @var array<string, array{Advice|null, array<string, float>}> by what drives alike */
    private array $drives = [];

    /** @var array<string, Message> fan to what is dangerous about it wherever it is fitted */
    private array $tooLarge = [];

    public function __construct(private readonly Shelf $shelf, private readonly Question $question, private readonly Front $front) {}

    /**
     * @param  Draft  $draft  without set points
     * @param  float  $unpriced  what is usually paid for what the shelf has no price for
     * @return iterable<int, Judged> one for each policy as it is judged; one alone where it is out, or where no temperature can be set
     */
    public function judged(Draft $draft, Sizing $sizing, float $unpriced): iterable
    {
        $judge = new Judge($sizing, $this->shelf, $this->question);
        $dangers = $judge->dangers();
        if ($dangers !== []) {
            if ($dangers[0]->subject === $sizing->brief->fans[0]->id) {
                $this->tooLarge[$draft->choices['fan']] = $dangers[0]->title();
            }

            yield Judged::out($draft, null, [], $dangers[0]->title());

            return;
        }
        $early = $judge->sized($unpriced);
        $broken = $this->question->brokenBy($sizing, $early);
        if ($broken !== []) {
            yield Judged::out($draft, $early, $broken, null);

            return;
        }
        if ($this->front->prunes($early)) {
            yield Judged::pruned($draft, $early);

            return;
        }
        $isAny = false;
        foreach (CoolingPolicy::cases() as $policy) {
            [$advice, $driven] = $this->driven($draft, $sizing, $judge, $policy);
            if ($advice !== null && ! $advice->isToBeHad()) {
                continue;
            }
            $figures = $early->with($driven);
            if ($this->front->prunes($figures)) {
                yield Judged::pruned($draft, $figures);
                $isAny = true;

                continue;
            }
            $count = $this->counts[self::wiredLike($draft)] ??= FaultCount::of($sizing, $this->shelf);
            $figures = $figures->with([Criterion::Strands->value => (float) $count->strands, Criterion::Unnoticed->value => (float) $count->unnoticed]);
            yield Judged::done($draft, $figures, $advice, $policy->value);
            $isAny = true;
            if ($advice === null) {
                break;
            }
        }

        if (! $isAny) {
            yield Judged::out($draft, $early, ['set-points'], null);
        }
    }

    /** Why a draft is out before it is sized: a fan that does not go in does so in no arrangement; null where nothing is known against it. */
    public function known(Draft $draft): ?Judged
    {
        $danger = $this->tooLarge[$draft->choices['fan']] ?? null;

        return $danger === null ? null : Judged::out($draft, null, [], $danger);
    }

    /** @return array{Advice|null, array<string, float>} */
    private function driven(Draft $draft, Sizing $sizing, Judge $judge, CoolingPolicy $policy): array
    {
        $key = implode('/', array_diff_key($draft->choices, ['override' => 1]))."/{$policy->value}";
        if (! isset($this->drives[$key])) {
            $vehicle = Vehicle::of($sizing);
            $advice = self::isTheVehicles($sizing) ? null : (new SetPointAdviser($vehicle, $this->shelf))->advise($policy, SwitchingGap::Wide);
            $this->drives[$key] = [$advice, $judge->driven($advice === null ? null : self::bands($sizing, $advice))];
        }

        return $this->drives[$key];
    }

    /** @return list<TemperatureBand|null> by decider, as advised */
    private static function bands(Sizing $sizing, Advice $advice): array
    {
        $bands = Simulation::bands($sizing->brief);
        foreach ($advice->stages as $stage) {
            $bands[$stage->stage] = $bands[$stage->stage]?->movedTo($stage->onC, $stage->onC - $stage->offC);
        }

        return array_values($bands);
    }

    /** What the vehicle's own control switches at is not the installer's to set. */
    private static function isTheVehicles(Sizing $sizing): bool
    {
        return $sizing->circuit->each(ComputerDriver::class) !== [];
    }

    private static function wiredLike(Draft $draft): string
    {
        return implode('/', [...array_diff_key($draft->choices, ['fan' => 1, 'place' => 1]), $draft->choices['place'] === 'top-hose' ? 'hose' : '']);
    }
}
