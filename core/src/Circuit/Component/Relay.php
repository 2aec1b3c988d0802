<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Brief\Zone;
use LampThread\Circuit\Pass;
use LampThread\Circuit\Symbol;
use LampThread\Electrics\Copper;
use LampThread\Electrics\Element\Junction;
use LampThread\Electrics\Element\Resistor;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Volts;
use LampThread\Shelf\RelayPart;

/** A relay with a make contact or a change-over one. Its coil is taken at the ambient it sits in: warm copper pulls in later and lets go later. */
final readonly class Relay extends Component implements Settling
{
    public const RELEASED = 0;

    public const PULLED_IN = 1;

    /** Ambient at which the coil's figures are printed, °C. */
    private const PRINTED_AT_C = 23.0;

    /** @var array{string, string} */
    private array $coil;

    /** Voltages of the coil in the warmth it sits in, V. */
    private float $pullsInV;

    private float $letsGoV;

    /**
     * @param  bool  $isChangeOver  whether its rest contact 87a is used too
     * @param  bool  $commonIsOutput  whether the current leaves at 30, as where a relay is let into a lead
     */
    public function __construct(
        string $id,
        string $mark,
        string $name,
        public RelayPart $part,
        public Zone $zone,
        public bool $isChangeOver = false,
        private bool $commonIsOutput = false,
    ) {
        parent::__construct($id, $mark, $name);
        $this->coil = [$this->terminal('86'), $this->terminal('85')];
        $factor = self::coilFactor($zone->ambientC());
        $this->pullsInV = $part->pullInV * $factor;
        $this->letsGoV = $part->dropOutV * $factor;
    }

    /** Factor of the coil's resistance, and so of its pull-in and drop-out voltages, at a coil temperature. */
    public static function coilFactor(float $coilC): float
    {
        return Copper::factor($coilC, self::PRINTED_AT_C);
    }

    /** Whether a diode lies across its coil, which wants its positive at 86: the wrong way round it is a short. */
    public function hasDiode(): bool
    {
        return $this->part->suppression === 'diode';
    }

    public function passes(): array
    {
        return [
            ...$this->contacts(),
            new Pass($this->terminal('86'), $this->terminal('85'), Symbol::Coil),
        ];
    }

    public function figure(): array
    {
        return [$this->part->makeA, 'A'];
    }

    /** @return list<Pass> */
    private function contacts(): array
    {
        $make = new Pass(...[...$this->contact('87'), Symbol::MakeContact]);

        return $this->isChangeOver ? [$make, new Pass(...[...$this->contact('87a'), Symbol::RestContact])] : [$make];
    }

    /** @return array{string, string} from, to */
    private function contact(string $number): array
    {
        $ends = [$this->terminal('30'), $this->terminal($number)];

        return $this->commonIsOutput ? [$ends[1], $ends[0]] : $ends;
    }

    public function elements(Setting $setting, int $position): array
    {
        $coilOhm = $this->part->coilOhm * self::coilFactor($this->zone->ambientC());
        $elements = [
            new Resistor("{$this->id}-coil", $this->terminal('86'), $this->terminal('85'), $coilOhm),
            $this->hasDiode()
                ? new Junction("{$this->id}-suppression", $this->terminal('85'), $this->terminal('86'))
                : new Resistor("{$this->id}-suppression", $this->terminal('86'), $this->terminal('85'), $this->part->suppressionOhm),
        ];
        $contactOhm = $this->part->contactMilliohm / 1000;
        if ($position === self::PULLED_IN) {
            $elements[] = new Resistor(...["{$this->id}-contact", ...$this->contact('87'), $contactOhm]);
        } elseif ($this->isChangeOver) {
            $elements[] = new Resistor(...["{$this->id}-rest", ...$this->contact('87a'), $contactOhm]);
        }

        return $elements;
    }

    public function start(Setting $setting): int
    {
        return $setting->memory[$this->id] ?? self::RELEASED;
    }

    public function next(int $position, Setting $setting, Volts $volts): int
    {
        $coilV = abs($volts->across(...$this->coil));

        return $coilV >= ($position === self::PULLED_IN ? $this->letsGoV : $this->pullsInV) ? self::PULLED_IN : self::RELEASED;
    }

    public function worked(): int
    {
        return self::PULLED_IN;
    }

    public function isMechanical(): bool
    {
        return true;
    }
}
