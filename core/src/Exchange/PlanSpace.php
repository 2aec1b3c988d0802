<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Changes;
use LampThread\Circuit\Control\AirConditioning\AsksForNothing;
use LampThread\Plans\Asked;
use LampThread\Plans\Complaint;
use LampThread\Plans\Draft;
use LampThread\Plans\Strength;
use LampThread\Plans\Wish;
use LampThread\Road\Advice;

/**
 * Every plan that makes sense for a job: each arrangement that fits what switches the fan now, with each fan at hand, each place to feel the
 * heat, with and without a dash switch, a trigger of the air conditioning and a run-on where they are asked for.
 */
final readonly class PlanSpace
{
    private const PRICES = __DIR__.'/../../data/planning/usual-prices.json';

    /** Minutes of run-on practitioners use most, s (common practice, no source). */
    private const AFTER_RUN_S = 210;

    /** Where a switch of its own can feel the heat, and a probe; the usual one first. */
    private const PLACES = [
        'thermal-switch' => ['radiator-inlet', 'top-hose', 'engine-outlet'], 'two-step-switch' => ['radiator-inlet'], 'thermostat' => ['core-inlet', 'radiator-inlet'],
        'stepless' => ['core-outlet', 'engine-outlet'],
    ];

    /** Triggers by what compressor there is; of a stepless controller its own inputs. */
    private const TRIGGERS = ['clutch' => ['separate-relay', 'interposing-relay'], 'variable' => ['pressure-switch'], 'none' => []];

    private const INTO_CONTROLLER = ['clutch' => ['controller-input'], 'variable' => ['pressure-into-controller']];

    /**
     * @param  array<string, mixed>  $file  the job’s, as decoded
     */
    public function __construct(private array $file, private Asked $asked) {}

    /** @return list<Draft> without set points; one of each arrangement first, then the rest */
    public function drafts(): array
    {
        $byArrangement = [];
        foreach (Arrangements::all() as $arrangement) {
            // What is renewed of a vehicle nobody has told of cannot be planned.
            $isToldOf = ($arrangement['changes']['renewed'] ?? []) === [] || isset($this->file['found']);
            if ($isToldOf && in_array($arrangement['switchedBy'], ['nothing', $this->asked->switchedBy], true)) {
                $byArrangement[] = $this->of($arrangement);
            }
        }
        // What is judged soonest comes first: a pair that cannot be set is looked for among those on the shelf.
        usort($byArrangement, static fn (array $a, array $b): int => self::isFixedPair($a[0]) <=> self::isFixedPair($b[0]));
        $drafts = [];
        for ($at = 0; $at < max([0, ...array_map(count(...), $byArrangement)]); $at++) {
            foreach ($byArrangement as $of) {
                // With its triggers an arrangement may be what another already is.
                $key = isset($of[$at]) ? md5((string) json_encode([$of[$at]->changes->byPlace['/control'], $of[$at]->choices['fan']])) : null;
                if ($key !== null && ! isset($drafts[$key])) {
                    $drafts[$key] = $of[$at];
                }
            }
        }

        return array_values($drafts);
    }

    /** What is usually paid for what a draft needs and the shelf has no price for: fans that are not there yet, sensors, switches. */
    public function unpricedCost(Draft $draft): float
    {
        $prices = json_decode((string) file_get_contents(self::PRICES), true, flags: JSON_THROW_ON_ERROR);
        $control = $draft->changes->byPlace['/control'];
        $bought = array_column($this->file['candidates'] ?? [], 'price', 'name')[$draft->choices['fan']] ?? null;
        $isTold = $draft->choices['fan'] === ($this->file['fans'][0]['name'] ?? '');
        $fans = count($draft->changes->byPlace['/fans']) - ($isTold ? count($this->file['fans']) : 0);
        $cost = max(0, $fans) * ($bought ?? $prices['fan']) + count($control['overrides'] ?? []) * $prices['override'];
        $kinds = [];
        foreach ($control['stages'] as $stage) {
            foreach ([$stage['decider'], ...($stage['parallel'] ?? [])] as $decider) {
                // One body may hold both contacts, one controller both fans.
                $kinds[$decider['kind'].($decider['kind'] === 'two-step-switch' ? '' : count($kinds))] = $prices['deciders'][$decider['kind']] ?? 0.0;
                $cost += ($decider['place'] ?? '') === 'top-hose' ? $prices['hoseAdapter'] : 0.0;
            }
        }

        return $cost + array_sum($kinds) + ($prices['triggers'][$draft->choices['trigger']] ?? 0.0) + (isset($control['afterRun']) ? $prices['afterRun'] : 0.0);
    }

    private static function isFixedPair(Draft $draft): bool
    {
        return in_array($draft->changes->byPlace['/control']['stages'][0]['decider']['kind'], ['thermal-switch', 'two-step-switch'], true);
    }

    /**
     * A draft with the set points an adviser proposes.
     *
     * @param  string  $policy  of those
     */
    public static function set(Draft $draft, Advice $advice, string $policy): Draft
    {
        $changes = $draft->changes->byPlace;
        foreach ($advice->stages as $stage) {
            $changes['/control']['stages'][$stage->stage]['decider'] = [
                ...$changes['/control']['stages'][$stage->stage]['decider'], 'onC' => $stage->onC, 'offC' => $stage->offC,
            ];
        }

        return $draft->with(['policy' => $policy], Changes::of($changes));
    }

    /**
     * @param  array{id: string, switchedBy: string, fans: int, airConditioning: bool, changes: array<string, mixed>}  $arrangement
     * @return list<Draft>
     */
    private function of(array $arrangement): array
    {
        $drafts = [];
        foreach ($this->fans() as $fan => $fans) {
            $changes = Arrangements::changes($arrangement['id'], [...$this->file, 'fans' => $fans])->byPlace;
            // What is known of the fans at hand stays, and what is known of lengths whatever is wired.
            $changes['/candidates'] = $this->file['candidates'] ?? [];
            $changes['/runs'] = array_filter($this->file['runs'] ?? [], static fn (string $stretch): bool => ! str_contains($stretch, '@'), ARRAY_FILTER_USE_KEY);
            foreach ($this->places($changes['/control']) as $place => $placed) {
                foreach ($this->overrides($placed) as $override => $overridden) {
                    foreach ($this->triggers($overridden) as $trigger => $triggered) {
                        foreach ($this->afterRuns($triggered) as $afterRun => $control) {
                            $drafts[] = new Draft([
                                'arrangement' => $arrangement['id'], 'fan' => (string) $fan, 'place' => $place, 'override' => $override, 'trigger' => $trigger,
                                'after-run' => $afterRun,
                            ], Changes::of([...$changes, '/control' => $control]));
                        }
                    }
                }
            }
        }

        return $drafts;
    }

    /** @return array<string, list<array<string, mixed>>> name of a fan to the fans of the file with it in the first place; the told one first */
    private function fans(): array
    {
        $told = array_values($this->file['fans']);
        $fans = [(string) $told[0]['name'] => $told];
        foreach ($this->file['candidates'] ?? [] as $candidate) {
            $fans[(string) $candidate['name']] = [[...$told[0], ...array_diff_key($candidate, ['noiseDb' => 1, 'price' => 1])]];
        }

        return $fans;
    }

    /**
     * @param  array<string, mixed>  $control
     * @return array<string, array<string, mixed>> place to the control with it
     */
    private function places(array $control): array
    {
        $decider = $control['stages'][0]['decider'];
        $usual = $decider['place'] ?? 'none';
        $isTwoPort = $usual === 'two-port-housing';
        $places = $isTwoPort ? [$usual] : self::PLACES[$decider['kind']] ?? [$usual];
        $each = [];
        foreach (count($control['stages']) === 1 || count($places) > 1 ? $places : [$usual] as $place) {
            $placed = $control;
            foreach ($control['stages'] as $at => $stage) {
                if (($stage['decider']['kind'] ?? '') === $decider['kind'] && isset($stage['decider']['place'])) {
                    $isInHose = $place === 'top-hose';
                    $bare = array_diff_key($stage['decider'], ['earthLead' => 1]);
                    $placed['stages'][$at]['decider'] = [...$bare, 'place' => $place, ...($isInHose ? ['earthLead' => true] : [])];
                    if ($place !== 'core-inlet') {
                        unset($placed['stages'][$at]['decider']['depthMm'], $placed['stages'][$at]['decider']['fromInletMm']);
                    }
                }
            }
            $each[$place] = $placed;
        }

        return $each;
    }

    /**
     * @param  array<string, mixed>  $control
     * @return array<string, array<string, mixed>> kind of override to the control with it
     */
    private function overrides(array $control): array
    {
        $own = $control['overrides'][0]['kind'] ?? null;
        // One that belongs to the arrangement is what it is for.
        if ($own !== null && $own !== 'force-on') {
            return [$own => $control];
        }
        $isHand = ($control['stages'][0]['decider']['kind'] ?? '') === 'hand';
        $kinds = ['none' => [], 'force-on' => [['kind' => 'force-on', 'indicator' => true]]];
        if (($this->asked->question->wishes[Wish::WaterCrossing->value] ?? Strength::Never) !== Strength::Never) {
            $kinds = ['cut-out' => [['kind' => 'cut-out', 'indicator' => true]], 'three-position' => [['kind' => 'three-position', 'indicator' => true]], ...$kinds];
        }
        // Without a trigger wire of the loom's own there is nothing a dash switch could join.
        $isBare = ($control['stages'][0]['decider']['kind'] ?? '') === 'stepless';

        $offered = $isHand || $isBare ? array_intersect_key($kinds, ['none' => 1, 'cut-out' => 1]) : $kinds;

        return array_map(static fn (array $overrides): array => [...$control, 'overrides' => $overrides], $offered);
    }

    /**
     * @param  array<string, mixed>  $control
     * @return array<string, array<string, mixed>> trigger to the control with it
     */
    private function triggers(array $control): array
    {
        $kind = $control['stages'][0]['decider']['kind'] ?? '';
        $bare = array_diff_key($control, ['airConditioning' => 1]);
        if ($this->asked->compressor === 'none') {
            return ['none' => $bare];
        }
        if ($kind === 'computer') {
            $asks = ['compressor' => $this->asked->compressor, 'trigger' => 'computer', 'stages' => [$control['stages'][0]['id']]];

            return ['computer' => [...$bare, 'airConditioning' => $asks]];
        }
        $triggers = ($kind === 'stepless' ? self::INTO_CONTROLLER : self::TRIGGERS)[$this->asked->compressor];
        $each = [];
        foreach ($triggers as $trigger) {
            $each[$trigger] = [...$bare, 'airConditioning' => ['compressor' => $this->asked->compressor, 'trigger' => $trigger]];
        }

        if ($each !== [] && in_array(Complaint::WarmAirConditioning, $this->asked->question->complaints, true)) {
            return $each;
        }

        // Left as it is, it starts no fan; its heat is there all the same.
        return [...$each, 'none' => [...$bare, 'airConditioning' => ['compressor' => $this->asked->compressor, 'trigger' => AsksForNothing::kind()]]];
    }

    /**
     * @param  array<string, mixed>  $control
     * @return array<string, array<string, mixed>> run-on to the control with it
     */
    private function afterRuns(array $control): array
    {
        $own = $control['afterRun']['delayS'] ?? null;
        if ($own !== null) {
            return ['after-run' => $control];
        }
        $isAsked = in_array(Complaint::HeatSoak, $this->asked->question->complaints, true)
            || ($this->asked->question->wishes[Wish::RunsKeyOut->value] ?? Strength::Never) !== Strength::Never;

        return ['none' => $control, ...($isAsked ? ['after-run' => [...$control, 'afterRun' => ['delayS' => self::AFTER_RUN_S]]] : [])];
    }
}
