<?php

declare(strict_types=1);

namespace LampThread\Handover;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Faults;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\Rail;
use LampThread\Circuit\Component\Relay;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Fault\Open;
use LampThread\Message\Message;
use LampThread\Observation\Reads;
use LampThread\Operation\Ohmmeter;
use LampThread\Operation\OperatingPoint;
use LampThread\Operation\Solver;
use LampThread\Sizing\Sizing;

/** Battery off and fuses out, with the ohmmeter: coils, motors, earths, switches; and what is printed on each fuse. */
final readonly class StepsBeforePower
{
    /** A coil's resistance is off by so much, cold or warm, over it (common practice, no source). */
    private const COIL_SHARE = 0.2;

    /** A coil that reads less than this of itself has others beside it, plugged in as it is. */
    private const SHARED_SHARE = 0.85;

    /** Through the brushes of a standing motor a meter finds up to this, Ω (common practice, no source). */
    private const MOTOR_MOST_OHM = 6.0;

    /** A way back of more is no earth wire, however long and thin, Ω (common practice, no source). */
    private const EARTH_MOST_OHM = 1.0;

    /** A contact that has more than this is not closed, Ω (common practice, no source). */
    private const CLOSED_MOST_OHM = 2.0;

    private OperatingPoint $point;

    public function __construct(private Sizing $sizing)
    {
        $out = array_fill_keys(array_map(static fn (Fuse $fuse): string => $fuse->id, $sizing->circuit->each(Fuse::class)), new Open);
        $this->point = (new Solver($sizing->circuit))->settle(new OperatingConditions(Key::Off, faults: new Faults($out)));
    }

    /** @return list<TestStep> */
    public function steps(): array
    {
        return [...$this->fuses(), ...$this->relays(), ...$this->fans(), ...$this->switches()];
    }

    /** @return list<TestStep> */
    private function fuses(): array
    {
        return array_map(static fn (Fuse $fuse): TestStep => new TestStep(
            "printed/ampere/{$fuse->id}/", Phase::BeforePower, Message::of('test.fuse-printed', mark: $fuse->mark, name: $fuse->name), [], Reads::Ampere,
            $fuse->part->ratedA, $fuse->part->ratedA, $fuse->part->ratedA, 1, caution: Message::of('test.caution.fuse'),
        ), $this->sizing->circuit->each(Fuse::class));
    }

    /** @return list<TestStep> */
    private function relays(): array
    {
        $steps = [];
        foreach ($this->sizing->circuit->each(Relay::class) as $relay) {
            $from = $relay->terminal('86');
            $to = $relay->terminal('85');
            $between = $this->between($from, $to);
            // With others wired beside it the coil is measured by itself.
            $isShared = $between < self::SHARED_SHARE * $relay->part->coilOhm;
            $ohm = $isShared ? $relay->part->coilOhm : $between;
            $by = self::COIL_SHARE * $ohm + Reads::Ohm->error($ohm);
            $steps[] = new TestStep(
                "out/ohm/{$from}/{$to}", Phase::BeforePower, Message::of($isShared ? 'test.coil-ohms-out' : 'test.coil-ohms', mark: $relay->mark, name: $relay->name),
                [Message::of('setting.out')], Reads::Ohm, $ohm, max(0.0, $ohm - $by), $ohm + $by, 1, $from, $to,
            );
        }

        return $steps;
    }

    /** @return list<TestStep> */
    private function fans(): array
    {
        $steps = [];
        foreach ($this->sizing->circuit->each(FanMotor::class) as $motor) {
            $title = Message::of('test.motor-ohms', mark: $motor->mark, fan: $motor->fan->name);
            $steps[] = new TestStep(
                "out/ohm/{$motor->terminal('+')}/{$motor->terminal('-')}", Phase::BeforePower, $title, [Message::of('setting.out')], Reads::Ohm,
                $this->between($motor->terminal('+'), $motor->terminal('-')), 0.0, self::MOTOR_MOST_OHM, 1, $motor->terminal('+'), $motor->terminal('-'),
            );
            $back = $this->between($motor->terminal('-'), Rail::EARTH);
            if ($back < min(self::EARTH_MOST_OHM, $this->leastOhmOfOthers($motor))) {
                $steps[] = new TestStep(
                    "out/ohm/{$motor->terminal('-')}/".Rail::EARTH, Phase::BeforePower, Message::of('test.earth-ohms', mark: $motor->mark, fan: $motor->fan->name),
                    [Message::of('setting.out')], Reads::Ohm, $back, 0.0, $back + Reads::Ohm->error($back), 1, $motor->terminal('-'), Rail::EARTH,
                );
            }
        }

        return $steps;
    }

    /** What the way back has at the least where another motor lies in it, Ω: then there is nothing to tell an earth by. */
    private function leastOhmOfOthers(FanMotor $motor): float
    {
        $ohms = [INF];
        foreach ($this->sizing->circuit->each(FanMotor::class) as $other) {
            $ohms[] = $other === $motor ? INF : $this->between($other->terminal('+'), $other->terminal('-'));
        }

        return min($ohms);
    }

    /** @return list<TestStep> */
    private function switches(): array
    {
        $steps = [];
        foreach ($this->sizing->circuit->each(TemperatureSwitch::class) as $switch) {
            foreach ($switch->paths() as $path) {
                $between = $this->between($path->from, $path->to);
                // An open contact shows what lies beside it: what of that is electronics, nobody has measured.
                $isByOthers = $between > self::CLOSED_MOST_OHM && $between < Reads::OPEN_OHM;
                $ohm = $isByOthers ? Reads::OPEN_OHM : $between;
                $isItsBody = ! str_starts_with($path->to, "{$switch->id}:") && $ohm < Reads::OPEN_OHM;
                $code = $isByOthers ? 'test.switch-ohms-off' : ($isItsBody ? 'test.body-earth' : 'test.switch-ohms');
                $title = Message::of($code, mark: $switch->mark, name: $switch->name);
                $steps[] = new TestStep(
                    "out/ohm/{$path->from}/{$path->to}", Phase::BeforePower, $title, [Message::of('setting.out')], Reads::Ohm, $ohm,
                    $ohm >= Reads::OPEN_OHM ? Reads::OPEN_OHM : max(0.0, $ohm - Reads::Ohm->error($ohm)), $ohm >= Reads::OPEN_OHM ? INF : $ohm + Reads::Ohm->error($ohm),
                    1, $path->from, $path->to,
                );
            }
        }

        return $steps;
    }

    private function between(string $from, string $to): float
    {
        return min(Reads::OPEN_OHM, Ohmmeter::between($this->point, $from, $to) ?? Reads::OPEN_OHM);
    }
}
