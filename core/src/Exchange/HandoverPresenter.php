<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Wire;
use LampThread\Handover\StandInMeter;
use LampThread\Handover\Suspect;
use LampThread\Handover\Suspects;
use LampThread\Handover\TakenReading;
use LampThread\Handover\TestPlan;
use LampThread\Handover\TestStep;
use LampThread\Handover\WorkPlan;
use LampThread\Handover\WorkStep;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Observation\Measurement;
use LampThread\Observation\Reads;
use LampThread\Sizing\Sizing;

/** Tests, work and what the readings say, as they go out: fits schema/handover.json. */
final readonly class HandoverPresenter
{
    /** Suspects that are told, and the share below which none is. */
    private const MOST_SUSPECTS = 5;

    private const LEAST_SHARE = 0.02;

    /** A measured current is offered in the place of the told one where it is off by more than this, over it. */
    private const WORTH_TAKING = 0.04;

    /** Ranges of usual instruments, in their own unit (common practice, no source). */
    private const RANGES = ['volt' => [2.0, 20.0, 60.0], 'ampere' => [40.0, 100.0, 400.0], 'ohm' => [200.0, 2000.0, 2e6]];

    private TestPlan $plan;

    public function __construct(private Sizing $sizing)
    {
        $this->plan = new TestPlan($sizing);
    }

    /** @return list<array<string, mixed>> */
    public function tests(): array
    {
        return array_values(array_map(fn (TestStep $step): array => [
            'id' => $step->id, 'phase' => $step->phase->value, 'title' => $step->title, 'setting' => $step->setting, 'reads' => $step->reads->value,
            'expected' => $step->expected, 'least' => $step->least, 'most' => is_finite($step->most) ? $step->most : null,
            'says' => self::range($step), 'instrument' => self::instrument($step), 'minutes' => $step->minutes, 'caution' => $step->caution, 'fingerprint' => $step->fingerprint(),
            'leads' => LeadSpots::of($this->plan->circuit, $step->from, $step->to),
        ], $this->plan->steps()));
    }

    /** @return list<array<string, mixed>> */
    public function work(): array
    {
        return array_values(array_map(static fn (WorkStep $step): array => [
            'id' => $step->id, 'title' => $step->title, 'minutes' => $step->minutes, 'items' => $step->items, 'needs' => $step->needs, 'tools' => $step->tools,
            'consumables' => $step->consumables, 'hands' => $step->hands, 'waitsForCold' => $step->waitsForCold, 'caution' => $step->caution,
            'isOwnMinutes' => false,
        ], (new WorkPlan($this->sizing, $this->plan))->steps()));
    }

    /** What a reading is called that is none of the plan's own tests; null where this circuit has no such measurement. */
    public function followUp(string $step): ?Message
    {
        try {
            return $this->readNext($this->plan->measurement($step));
        } catch (InvalidInput) {
            return null;
        }
    }

    /** Whether a reading passes; null where this job has no such test, or another one by now. */
    public function passes(string $step, string $fingerprint, float $value): ?bool
    {
        $test = $this->plan->step($step);

        return $test === null || $test->fingerprint() !== $fingerprint ? null : $test->passes($value);
    }

    /** What a step reads, which need not be one of the plan's own. */
    public function reads(string $step): Reads
    {
        return $this->plan->step($step)->reads ?? $this->plan->measurement($step)->reads;
    }

    public function fingerprint(string $step): string
    {
        return $this->plan->step($step)?->fingerprint() ?? '';
    }

    /**
     * Where the volts went, and what to read next; null where every reading passes, or none was taken under power.
     *
     * @param  array<string, float>  $values  step to value
     * @return array<string, mixed>|null
     */
    public function diagnosis(array $values): ?array
    {
        $readings = [];
        $wrong = [];
        foreach ($values as $step => $value) {
            $test = $this->plan->step($step);
            $setting = explode('/', $step)[0];
            if (isset($this->plan->settings[$setting])) {
                $readings[$setting][] = new TakenReading($this->plan->measurement($step), $value);
                if ($test !== null && ! $test->passes($value)) {
                    $wrong[$setting] = true;
                }
            }
        }
        $readings = array_merge(...array_values(array_intersect_key($readings, $wrong)));
        if ($readings === []) {
            return null;
        }
        $suspects = new Suspects($this->plan, $readings);
        $places = $suspects->places();
        $next = $suspects->next();

        return [
            'suspects' => array_map($this->suspect(...), array_values(array_filter(
                array_slice($places, 0, self::MOST_SUSPECTS), static fn (Suspect $suspect): bool => $suspect->share >= self::LEAST_SHARE,
            ))),
            'next' => $next === null ? null : [
                'id' => $next->id(), 'setting' => $this->plan->settings[$next->setting]->says, 'leads' => LeadSpots::of($this->plan->circuit, $next->from, $next->to),
                'says' => $this->readNext($next),
            ],
        ];
    }

    /**
     * Measured currents that are worth taking in the place of told ones.
     *
     * @param  array<string, float>  $values  step to value
     * @return list<array<string, mixed>>
     */
    public function proposals(array $values): array
    {
        $proposals = $this->starts($values);
        foreach ($values as $step => $value) {
            $test = $this->plan->step($step);
            if ($test?->expected === null || $test->reads !== Reads::Ampere || ! isset($this->plan->settings[explode('/', $step)[0]])) {
                continue;
            }
            foreach ($this->plan->circuit->each(FanMotor::class) as $at => $motor) {
                $isOfFan = array_filter($this->plan->circuit->wiresInto($motor->terminal('+')), static fn (Wire $wire): bool => $wire->id === $test->from) !== [];
                $ratio = $value / max(0.1, $test->expected);
                if ($isOfFan && abs($ratio - 1) > self::WORTH_TAKING && $ratio > 0.3 && $ratio < 3) {
                    $runA = round($motor->fan->runA * $ratio, 1);
                    $proposals["/fans/{$at}/runA"] = ['path' => "/fans/{$at}/runA", 'value' => $runA, 'says' => Message::of(
                        'handover.take-current', fan: $motor->fan->name, measured: Unit::Ampere->of($value), expected: Unit::Ampere->of(round($test->expected, 1)),
                        run: Unit::Ampere->of($runA), volts: Unit::Volt->of($motor->fan->ratedV), told: Unit::Ampere->of($motor->fan->runA),
                    )];
                }
            }
        }

        return array_values($proposals);
    }

    /**
     * @param  array<string, float>  $values  step to value
     * @return array<string, array<string, mixed>> path to what is proposed
     */
    private function starts(array $values): array
    {
        $proposals = [];
        foreach ($this->plan->circuit->each(FanMotor::class) as $at => $motor) {
            $id = "start/ampere/{$motor->id}/";
            $expected = $this->plan->step($id)?->expected;
            $value = $values[$id] ?? null;
            $isWorth = $expected !== null && $value !== null && abs($value / $expected - 1) > self::WORTH_TAKING && $value > $motor->fan->runA && $value < 3 * $expected;
            if ($isWorth) {
                $startA = round($motor->fan->startA * $value / $expected, 1);
                $proposals["/fans/{$at}/startA"] = ['path' => "/fans/{$at}/startA", 'value' => $startA, 'says' => Message::of(
                    'handover.take-start', fan: $motor->fan->name, measured: Unit::Ampere->of($value), expected: Unit::Ampere->of(round($expected, 1)),
                    start: Unit::Ampere->of($startA), volts: Unit::Volt->of($motor->fan->ratedV), told: Unit::Ampere->of($motor->fan->startA),
                )];
            }
        }

        return $proposals;
    }

    /** What a simulated instrument shows on this vehicle, as it would be typed. */
    public function simulated(string $step, int $seed, bool $hasBadJoint): string
    {
        $meter = new StandInMeter($this->plan, $seed, $hasBadJoint);
        $isSolved = isset($this->plan->settings[explode('/', $step)[0]]);
        $value = $isSolved
            ? $meter->shows($this->plan->measurement($step))
            : $meter->showsStep($this->plan->step($step) ?? throw InvalidInput::at('/step', Message::of('input.no-such-test', id: $step)));
        $reads = $this->reads($step);

        return match (true) {
            $reads === Reads::Seen => $value === 1.0 ? 'yes' : 'no',
            $value >= Reads::OPEN_OHM => 'OL',
            default => "{$value} ".($reads === Reads::Ohm ? 'ohm' : $reads->of($value)->unit->value),
        };
    }

    private function readNext(Measurement $measurement): Message
    {
        $circuit = $this->plan->circuit;

        return Message::of('handover.read-next', from: $circuit->terminalName($measurement->from), to: $circuit->terminalName($measurement->to));
    }

    /** @return array<string, mixed> */
    private function suspect(Suspect $suspect): array
    {
        $name = $suspect->part === null ? Message::verbatim('') : LeadSpots::partName($this->plan->circuit, $suspect->part);

        return ['part' => $suspect->part, 'share' => round($suspect->share, 3), 'says' => match (true) {
            $suspect->part === null => Message::of('handover.suspect.sound'),
            $suspect->draws !== null => Message::of('handover.suspect.draws', name: $name, percent: Unit::Percent->of(round(100 * $suspect->draws))),
            $suspect->jointOhm === null || is_infinite($suspect->jointOhm) => Message::of('handover.suspect.open', name: $name),
            default => Message::of('handover.suspect.joint', name: $name, ohm: Unit::Ohm->of(round($suspect->jointOhm, 2))),
        }];
    }

    /** Which instrument, and its smallest usual range that takes what is expected. */
    private static function instrument(TestStep $step): Message
    {
        $most = min(Reads::OPEN_OHM, max(abs((float) $step->expected), is_finite($step->most) ? abs($step->most) : 0.0));
        $fits = array_filter(self::RANGES[$step->reads->value] ?? [], static fn (float $range): bool => $range >= $most);

        // What is printed on a fuse is read with the eyes.
        $reads = $step->reads === Reads::Ampere && $step->from === null ? Reads::Seen : $step->reads;

        return Message::of("instrument.{$reads->value}", range: $step->reads->of($fits === [] ? $most : min($fits)));
    }

    private static function range(TestStep $step): Message
    {
        $reads = $step->reads;
        $digits = $reads === Reads::Volt ? 2 : 1;
        $least = $reads->of(round($step->least, $digits));
        $most = $reads->of(round(is_finite($step->most) ? $step->most : 0.0, $digits));

        return match (true) {
            $reads === Reads::Seen => Message::of('test.range.seen'),
            ! is_finite($step->most) => Message::of('test.range.open'),
            $step->expected === null, $step->least <= 0.0 => Message::of('test.range.at-most', most: $most),
            $step->least === $step->most => Message::of('test.range.exact', value: $most),
            default => Message::of('test.range.from-to', expected: $reads->of(round((float) $step->expected, $digits)), least: $least, most: $most),
        };
    }
}
