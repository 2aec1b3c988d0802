<?php

declare(strict_types=1);

namespace LampThread\Road;

/** When the fans of a log came on and went off, and at what coolant: by their current, else by the voltage, else by the knees of the temperature. */
final readonly class LogSwitching
{
    /** Least current of a fan that runs, A, and shares of the most at which it counts as on and as off. */
    private const LEAST_A = 1.5;

    private const ON_SHARE = 0.35;

    private const OFF_SHARE = 0.2;

    /** Step of voltage a fan makes, V, within that time, while the engine keeps its speed to so many rpm. */
    private const STEP_V = 0.15;

    private const STEP_S = 6.0;

    private const STEADY_RPM = 250.0;

    /** Fall from a peak, and rise from a valley, that a fan makes, K. */
    private const KNEE_K = 1.0;

    /**
     * @param  string  $by  current, voltage or knees
     * @param  list<array{atS: float, isOn: bool, coolantC: float|null}>  $events
     */
    private function __construct(public string $by, public array $events) {}

    /** @return self|null null where the log tells nothing of the fans */
    public static function of(Log $log): ?self
    {
        return self::byCurrent($log) ?? self::byVoltage($log) ?? self::byKnees($log);
    }

    /**
     * Coolant at which they came on, or went off.
     *
     * @return array{count: int, meanC: float, spreadK: float}|null null where they never did
     */
    public function at(bool $isOn): ?array
    {
        $temps = [];
        foreach ($this->events as $event) {
            if ($event['isOn'] === $isOn && $event['coolantC'] !== null) {
                $temps[] = $event['coolantC'];
            }
        }
        if ($temps === []) {
            return null;
        }
        $meanC = array_sum($temps) / count($temps);

        return [
            'count' => count($temps), 'meanC' => $meanC,
            'spreadK' => sqrt(array_sum(array_map(static fn (float $tempC): float => ($tempC - $meanC) ** 2, $temps)) / count($temps)),
        ];
    }

    /** @return list<bool>|null whether they ran, at each moment of the log; null where it is only guessed from the temperature */
    public function ran(Log $log): ?array
    {
        if ($this->by === 'knees') {
            return null;
        }
        $isOn = $this->events === [] ? false : ! $this->events[0]['isOn'];
        $next = 0;
        $ran = [];
        foreach ($log->timesS as $timeS) {
            while ($next < count($this->events) && $this->events[$next]['atS'] <= $timeS) {
                $isOn = $this->events[$next++]['isOn'];
            }
            $ran[] = $isOn;
        }

        return $ran;
    }

    private static function byCurrent(Log $log): ?self
    {
        $known = array_values(array_filter($log->fanA, static fn (?float $amps): bool => $amps !== null));
        if ($known === []) {
            return null;
        }
        sort($known);
        $mostA = $known[(int) floor(0.98 * (count($known) - 1))];
        if ($mostA < self::LEAST_A) {
            return new self('current', []);
        }
        $events = [];
        $isOn = null;
        foreach ($log->fanA as $at => $amps) {
            if ($amps === null) {
                continue;
            }
            $now = $amps > ($isOn === true ? self::OFF_SHARE : self::ON_SHARE) * $mostA;
            if ($isOn !== null && $now !== $isOn) {
                $events[] = self::event($log, $at, $now);
            }
            $isOn = $now;
        }

        return new self('current', $events);
    }

    private static function byVoltage(Log $log): ?self
    {
        if (! Log::isMeasured($log->batteryV)) {
            return null;
        }
        $volts = Log::filled($log->batteryV);
        $rpms = Log::isMeasured($log->rpm) ? Log::filled($log->rpm) : null;
        $events = [];
        $count = count($volts);
        $isOn = false;
        for ($at = 1, $from = 0, $to = 0; $at < $count; $at++) {
            while ($log->timesS[$at] - $log->timesS[$from] > self::STEP_S) {
                $from++;
            }
            while ($to < $count - 1 && $log->timesS[$to + 1] - $log->timesS[$at] <= self::STEP_S) {
                $to++;
            }
            $isSteady = $rpms === null || abs($rpms[$to] - $rpms[$from]) < self::STEADY_RPM;
            $step = self::mean($volts, $at, $to) - self::mean($volts, $from, $at - 1);
            if ($isSteady && $step < 0 === ! $isOn && abs($step) >= self::STEP_V) {
                $isOn = ! $isOn;
                $events[] = self::event($log, $at, $isOn);
            }
        }

        return $events === [] ? null : new self('voltage', $events);
    }

    /** A peak that is followed by a fall is where they came on; a valley that is followed by a rise where they went off. */
    private static function byKnees(Log $log): ?self
    {
        if (! Log::isMeasured($log->coolantC)) {
            return null;
        }
        $events = [];
        $coolant = Log::filled($log->coolantC);
        $turn = 0;
        $isRising = true;
        foreach ($coolant as $at => $tempC) {
            if ($isRising ? $tempC > $coolant[$turn] : $tempC < $coolant[$turn]) {
                $turn = $at;
            } elseif (abs($tempC - $coolant[$turn]) >= self::KNEE_K) {
                if ($turn > 0) {
                    $events[] = self::event($log, $turn, $isRising);
                }
                $isRising = ! $isRising;
                $turn = $at;
            }
        }

        return $events === [] ? null : new self('knees', $events);
    }

    /** @return array{atS: float, isOn: bool, coolantC: float|null} */
    private static function event(Log $log, int $at, bool $isOn): array
    {
        return ['atS' => $log->timesS[$at], 'isOn' => $isOn, 'coolantC' => Log::isMeasured($log->coolantC) ? ($log->coolantC[$at] ?? null) : null];
    }

    /** @param  list<float>  $values */
    private static function mean(array $values, int $from, int $to): float
    {
        return array_sum(array_slice($values, $from, $to - $from + 1)) / max(1, $to - $from + 1);
    }
}
