<?php

declare(strict_types=1);

namespace LampThread\Observation;

use LampThread\Brief\Assumptions;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\InputSource;
use LampThread\Circuit\Component\Key;
use LampThread\Circuit\Component\OperatingConditions;
use LampThread\Circuit\Component\TemperatureSensing;
use LampThread\Message\Message;

/** The settings a circuit is tried in: everything at rest, each sensor made to act after the other, each switch in each of its positions. */
final readonly class Settings
{
    private const COLD_C = 20.0;

    /** A sensor that is made to act is this far above where it asks for all it can, K. */
    private const BEYOND_K = 3.0;

    /** @var list<string> sensors, the first to act first */
    private array $sensors;

    public function __construct(private Circuit $circuit)
    {
        $sensors = $circuit->sensors();
        uasort($sensors, static fn (TemperatureSensing $a, TemperatureSensing $b): int => max($a->thresholdsC()) <=> max($b->thresholdsC()));
        $this->sensors = array_keys($sensors);
    }

    /** @return array<string, Setting> by id, in the order they are made */
    public function all(): array
    {
        $settings = [$this->keyOff(), $this->rest(), ...$this->hot()];
        $warmest = $settings[count($settings) - 1];
        foreach ($this->circuit->inputs() as $input => ['label' => $label, 'positions' => $positions]) {
            foreach (array_slice($positions, 1) as $position) {
                $says = Message::of('setting.input', label: $label, position: Message::of("position.{$position}"));
                $on = Message::of('setting.key.run');
                $settings[] = $this->at("rest+{$input}={$position}", Key::Run, [], [], [$input => $position], [$on, $says]);
                if ($this->sensors !== []) {
                    $all = [$on, ...$this->acted($this->sensors), $says];
                    $settings[] = $this->at("{$warmest->id}+{$input}={$position}", Key::Run, $this->sensors, [], [$input => $position], $all);
                }
            }
        }
        // No scan tool commands anything with the key out.
        $byHand = array_values(array_filter($this->sensors, fn (string $id): bool => ! $this->circuit->sensors()[$id]->needsScanTool()));
        if ($byHand !== [] || $this->sensors === []) {
            $settings[] = $this->at('key-off-hot', Key::Off, $byHand, [], [], [Message::of('setting.key.off'), ...$this->acted($byHand)]);
        }
        $settings[] = $this->at('idle', Key::Run, $this->sensors, ['engineRpm' => Assumptions::IDLE_RPM], [], [Message::of('setting.idle'), ...$this->acted($this->sensors)]);

        return array_combine(array_map(static fn (Setting $setting): string => $setting->id, $settings), $settings);
    }

    /** @return array<string, Setting> by id: with the key out, each switch of the driver's in each of its positions */
    public function withKeyOut(): array
    {
        $settings = [];
        foreach ($this->circuit->positionsBy(InputSource::Driver) as $input => $positions) {
            foreach (array_slice($positions, 1) as $position) {
                $says = Message::of('setting.input', label: $this->circuit->inputs()[$input]['label'], position: Message::of("position.{$position}"));
                $id = "key-off+{$input}={$position}";
                $conditions = new OperatingConditions(Key::Off, 0.0, self::COLD_C, [$input => $position]);
                $settings[$id] = new Setting($id, $conditions, [Message::of('setting.key.off'), $says], "rest+{$input}={$position}");
            }
        }

        return $settings;
    }

    private function keyOff(): Setting
    {
        return $this->at('key-off', Key::Off, [], [], [], [Message::of('setting.key.off')]);
    }

    private function rest(): Setting
    {
        return $this->at('rest', Key::Run, [], [], [], [Message::of('setting.key.run')]);
    }

    /** @return list<Setting> */
    private function hot(): array
    {
        $settings = [];
        for ($count = 1; $count <= count($this->sensors); $count++) {
            $first = array_slice($this->sensors, 0, $count);
            $settings[] = $this->at("hot-{$count}", Key::Run, $first, [], [], [Message::of('setting.key.run'), ...$this->acted($first)]);
        }

        return $settings;
    }

    /**
     * @param  list<string>  $acting
     * @return list<Message> how each of these sensors is made to act without heat
     */
    private function acted(array $acting): array
    {
        $sensors = $this->circuit->sensors();

        return array_map(static function (string $id) use ($sensors): Message {
            $sensor = $sensors[$id];

            return Message::of("setting.act.{$sensor->actedBy()}", mark: $sensor->mark, name: $sensor->name);
        }, $acting);
    }

    /**
     * @param  list<string>  $acting  sensors that are made to act
     * @param  array<string, float>  $more  of the conditions
     * @param  array<string, string>  $positions
     * @param  list<Message>  $says
     */
    private function at(string $id, Key $key, array $acting, array $more, array $positions, array $says): Setting
    {
        $sensors = $this->circuit->sensors();
        $localC = [];
        foreach ($acting as $sensor) {
            $localC[$sensor] = max($sensors[$sensor]->fullDemandC(), ...$sensors[$sensor]->thresholdsC()) + self::BEYOND_K;
        }

        return new Setting($id, new OperatingConditions($key, $more['engineRpm'] ?? 0.0, self::COLD_C, $positions, localC: $localC), $says);
    }
}
