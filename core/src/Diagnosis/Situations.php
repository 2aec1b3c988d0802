<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

use LampThread\Brief\Assumptions;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\InputSource;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Message\Message;
use LampThread\Observation\Setting;
use LampThread\Observation\Settings;

/** The situations of one circuit: those a driver tells of, really hot, and those of the test plan, where sensors are made to act. */
final readonly class Situations
{
    public const KEY_OUT = 'key-off';

    public const COLD = 'rest';

    /** Sooner than any sensor should act, later than the last should, and beyond what one that has drifted can miss. */
    public const EARLY = 'heat-early';

    public const LATE = 'heat-late';

    public const STOPPED_HOT = 'heat-key-off';

    public const AIR_CONDITIONING = 'air-conditioning';

    private const EARLY_K = 7.0;

    private const ON_TIME_K = 3.0;

    private const LATE_K = 14.0;

    private const ACT_MINUTES = 1.5;

    private const INPUT_MINUTES = 0.3;

    private const UNPLUG_MINUTES = 0.8;

    private const START_MINUTES = 0.5;

    private const COLD_C = 20.0;

    /** @var array<string, Situation> by id */
    public array $all;

    /** @var list<string> the last of those where sensors are made to act: everything is asked of the fans */
    public array $acted;

    /** @var list<string> really hot, the first stage first */
    public array $heat;

    /** @var list<string> an override works, cold */
    public array $overrides;

    /** @var list<string> where something is asked of a fan: hot, the first stage first; by hand where nothing feels the heat */
    public array $asked;

    /** Where most is asked of the fans. */
    public string $full;

    public function __construct(private Circuit $circuit)
    {
        $all = [];
        $acted = [];
        $overrides = [];
        $others = [];
        $requests = $circuit->requests(true);
        $ofVehicle = $circuit->positionsBy(InputSource::Vehicle);
        foreach ((new Settings($circuit))->all() as $setting) {
            $changed = array_diff_assoc($setting->conditions->positions, $circuit->requests(false));
            // What the air conditioning works is worked together.
            if (array_intersect_key($changed, $requests) === []) {
                $all[$setting->id] = $this->tested($setting);
                if ($setting->conditions->localC !== [] && $changed === [] && $setting->conditions->key === Key::Run && $setting->conditions->engineRpm === 0.0) {
                    $acted[] = $setting->id;
                }
                if ($setting->conditions->localC === [] && $changed !== [] && array_intersect_key($changed, $ofVehicle) !== []) {
                    $others[] = $setting->id;
                } elseif ($setting->conditions->localC === [] && $changed !== []) {
                    $overrides[] = $setting->id;
                }
            }
        }
        foreach ($this->unpluggable() as $part) {
            $says = [Message::of('setting.key.run'), Message::of('situation.unplugged', mark: $part->mark, name: $part->name)];
            $id = "unplugged-{$part->id}";
            $all[$id] = new Situation($id, new OperatingConditions(Key::Run, 0.0, self::COLD_C), $says, self::UNPLUG_MINUTES, unplugged: $part->id);
        }
        if ($requests !== []) {
            $all[self::AIR_CONDITIONING] = new Situation(
                self::AIR_CONDITIONING, new OperatingConditions(Key::Run, Assumptions::IDLE_RPM, self::COLD_C, $requests), [Message::of('situation.air-conditioning')],
                self::START_MINUTES + self::INPUT_MINUTES,
            );
        }
        $heat = [];
        foreach ($this->heats() as $id => [$key, $rpm, $coolantC]) {
            $all[$id] = new Situation($id, new OperatingConditions($key, $rpm, $coolantC), [], 0.0, isTested: false, isHeat: true);
            if ($key === Key::Run && $id !== self::EARLY && $id !== self::LATE) {
                $heat[] = $id;
            }
        }
        $this->all = $all;
        $this->acted = $acted;
        $this->overrides = $overrides;
        $this->heat = $heat;
        $this->asked = $heat === [] ? [...$others, ...$overrides] : [...$heat, self::LATE];
        $this->full = $this->asked[count($this->asked) - 1] ?? self::COLD;
    }

    /** @return list<Component> what can be taken off its wires to see whether the fan stops: sensors with a contact, and switches */
    private function unpluggable(): array
    {
        $sensors = array_filter($this->circuit->sensors(), static fn ($sensor): bool => $sensor->isJoinedPast());

        return [...array_values($sensors), ...$this->circuit->each(HandSwitch::class)];
    }

    private function tested(Setting $setting): Situation
    {
        $conditions = $setting->conditions;
        $acting = array_intersect_key($this->circuit->sensors(), $conditions->localC);
        $acted = array_map(static fn ($sensor): bool => $sensor->isJoinedPast(), $acting);
        $minutes = self::ACT_MINUTES * count($acted) + self::INPUT_MINUTES * count($conditions->positions) + ($conditions->engineRpm > 0 ? self::START_MINUTES : 0.0);
        $commanded = array_filter($acting, static fn ($sensor): bool => $sensor->needsScanTool());

        return new Situation($setting->id, $conditions, $setting->says, $minutes, $acted, needsScanTool: $commanded !== []);
    }

    /** @return array<string, array{Key, float, float}> key, engine speed and coolant */
    private function heats(): array
    {
        $onC = [];
        foreach ($this->circuit->sensors() as $sensor) {
            $onC[] = max($sensor->thresholdsC());
        }
        if ($onC === []) {
            return [];
        }
        sort($onC);
        $offC = min(array_map(static fn ($sensor): float => min($sensor->thresholdsC()), $this->circuit->sensors()));
        $heats = [self::EARLY => [Key::Run, Assumptions::IDLE_RPM, min($offC - 1, $onC[0] - self::EARLY_K)]];
        foreach (array_values(array_unique($onC)) as $at => $stageC) {
            $heats['heat-'.($at + 1)] = [Key::Run, Assumptions::IDLE_RPM, $stageC + self::ON_TIME_K];
        }
        $lastC = max(array_map(static fn ($sensor): float => max($sensor->fullDemandC(), ...$sensor->thresholdsC()), $this->circuit->sensors()));

        return [...$heats, self::LATE => [Key::Run, Assumptions::IDLE_RPM, $lastC + self::LATE_K], self::STOPPED_HOT => [Key::Off, 0.0, $lastC + self::ON_TIME_K]];
    }
}
