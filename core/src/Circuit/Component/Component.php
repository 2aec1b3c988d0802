<?php

declare(strict_types=1);

namespace LampThread\Circuit\Component;

use LampThread\Circuit\Pass;
use LampThread\Electrics\Element\Element;
use LampThread\Electrics\Setting;

/** A part with terminals. Terminals are named `component:number`, the number as it is printed on the part. */
abstract readonly class Component
{
    /**
     * @param  string  $mark  letter designation on the drawing (IEC 81346): K1, F2, S1, M1
     * @param  string  $name  in the trade's words
     */
    public function __construct(
        public string $id,
        public string $mark,
        public string $name,
    ) {}

    public function terminal(string $number): string
    {
        return "{$this->id}:{$number}";
    }

    /** @return list<Pass> in the order current usually takes */
    abstract public function passes(): array;

    /**
     * @param  int  $position  where the component stands, for those that settle; 0 otherwise
     * @return list<Element>
     */
    abstract public function elements(Setting $setting, int $position): array;

    /**
     * The one figure worth reading on the drawing.
     *
     * @return array{float, string}|null value and unit
     */
    public function figure(): ?array
    {
        return null;
    }

    /** Whether current can get through between the ends of a pass now. */
    public function conducts(Pass $pass, Setting $setting, int $position): bool
    {
        foreach ($this->elements($setting, $position) as $element) {
            if ($element->from() === $pass->from && $element->to() === $pass->to) {
                return true;
            }
        }

        return false;
    }
}
