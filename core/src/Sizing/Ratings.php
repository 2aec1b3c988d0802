<?php

declare(strict_types=1);

namespace LampThread\Sizing;

use LampThread\Brief\Brief;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Component\Component;
use LampThread\Circuit\Component\ComputerDriver;
use LampThread\Circuit\Component\DelayRelay;
use LampThread\Circuit\Component\Diode;
use LampThread\Circuit\Component\EarthPoint;
use LampThread\Circuit\Component\ElectronicThermostat;
use LampThread\Circuit\Component\FixedResistor;
use LampThread\Circuit\Component\HandSwitch;
use LampThread\Circuit\Component\PressureSwitch;
use LampThread\Circuit\Component\Stepless;
use LampThread\Circuit\Component\TemperatureSwitch;
use LampThread\Circuit\Pass;
use LampThread\Electrics\OperatingPoint;
use LampThread\Shelf\GivenPart;

/** What is not chosen from the shelf but must stand what goes through it: switches, outputs, earth points, diode, resistor. */
final readonly class Ratings
{
    /** Forward current of the usual small rectifier, A (common practice, no source). */
    private const DIODE_A = 1.0;

    /** Lift of an earth point above battery negative that is still good, V (common practice, no source). */
    private const EARTH_LIFT_V = 0.1;

    /** Ratings of wire-wound resistors in a metal case, W, and the share of it taken in a hot place (common practice, no source). */
    private const RESISTOR_W = [5, 10, 25, 50, 100, 200, 300, 500];

    private const RESISTOR_SHARE = 0.5;

    public function __construct(private Brief $brief, private Circuit $circuit, private Duty $duty) {}

    /** @return array<string, Choice> by component */
    public function all(): array
    {
        $judged = [];
        foreach ($this->circuit->components as $id => $component) {
            $one = $this->judge($component);
            if ($one !== null) {
                $judged[$id] = Choice::given($id, $one[0], $component->name, new Candidate(new GivenPart($id, $one[1]), [$one[2]]), $one[3]);
            }
        }

        return $judged;
    }

    /** @return array{string, string, Constraint, string}|null kind, label, constraint, place in the brief */
    private function judge(Component $component): ?array
    {
        return match (true) {
            $component instanceof TemperatureSwitch,
            $component instanceof ElectronicThermostat,
            $component instanceof ComputerDriver => $this->switched($component, $component->ratedA, $this->decider($component)),
            $component instanceof HandSwitch => $this->switched($component, $component->ratedA, $component->id === 'override' ? '/control/override/ratedA' : $this->decider($component)),
            $component instanceof PressureSwitch => $this->switched($component, $component->ratedA, '/control/airConditioning'),
            $component instanceof DelayRelay => $this->switched($component, DelayRelay::RATED_A, '/control/afterRun'),
            $component instanceof Stepless => $this->switched($component, $component->controller->ratedA, $this->decider($component)),
            $component instanceof Diode => ['diode', sprintf('%g A rectifier', self::DIODE_A), new Constraint(
                'forward current',
                $this->duty->greatestA($component->id),
                self::DIODE_A,
                'A',
                'what the coil it feeds draws',
                'rating of the usual small rectifier: common practice, no source',
            ), '/control/airConditioning'],
            $component instanceof FixedResistor && $component->id === 'low-resistor' => $this->heat($component),
            $component instanceof EarthPoint => ['earth', 'M8 stud on bright metal', new Constraint(
                'earth lift',
                $this->duty->greatest(static fn (OperatingPoint $point): float => $point->volts->at($component->terminal('31'))),
                self::EARTH_LIFT_V,
                'V',
                'all that is earthed there together, through lug, stud and the way back to battery negative',
                'common practice, no source',
            ), '/control/earth'],
            default => null,
        };
    }

    /** @return array{string, string, Constraint, string} */
    private function switched(Component $component, float $ratedA, string $path): array
    {
        return ['switch', sprintf('rated %g A', $ratedA), new Constraint(
            'switched current',
            $this->throughA($component),
            $ratedA,
            'A',
            'the most that goes through it in any setting',
            'its rating as told in the brief',
        ), $path];
    }

    /** The most that enters any one of its terminals, A. */
    private function throughA(Component $component): float
    {
        $terminals = array_fill_keys(array_merge(...array_map(
            static fn (Pass $pass): array => [$pass->from, $pass->to],
            $component->passes(),
        )), 0.0);

        return $this->duty->greatest(function (OperatingPoint $point) use ($component, $terminals): float {
            if (! $component instanceof Stepless) {
                $through = array_map(static fn (string $name): float => abs($point->currentA($name)), [$component->id, "{$component->id}-pole-2"]);

                return max($through);
            }
            unset($terminals[$component->terminal('30')], $terminals[$component->terminal('31')]);
            foreach ($point->circuit->wires as $wire) {
                if (isset($terminals[$wire->to])) {
                    $terminals[$wire->to] += abs($point->currentA($wire->id));
                }
            }

            return max([0.0, ...array_values($terminals)]);
        });
    }

    /** @return array{string, string, Constraint, string} */
    private function heat(FixedResistor $resistor): array
    {
        $watts = $this->duty->greatest(static fn (OperatingPoint $point): float => $point->currentA($resistor->id) ** 2 * $resistor->ohm);
        $rated = self::RESISTOR_W[count(self::RESISTOR_W) - 1];
        foreach (array_reverse(self::RESISTOR_W) as $one) {
            $rated = $watts <= self::RESISTOR_SHARE * $one ? $one : $rated;
        }

        return ['resistor', sprintf('%.2f Ω, %d W, on metal in the fan’s air', $resistor->ohm, $rated), new Constraint(
            'heat',
            $watts,
            self::RESISTOR_SHARE * $rated,
            'W',
            sprintf('I²R at low speed ≤ %g × %d W; never on plastic, nothing that burns within a hand of it', self::RESISTOR_SHARE, $rated),
            'half the rating in a hot place: common practice, no source',
        ), '/control/speeds'];
    }

    private function decider(Component $component): string
    {
        foreach ($this->brief->control->stages as $at => $stage) {
            if (str_starts_with($component->id, "{$stage->id}-")) {
                return "/control/stages/{$at}/decider/ratedA";
            }
        }

        return '/control/stages';
    }
}
