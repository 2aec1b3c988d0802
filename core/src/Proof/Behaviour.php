<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Control\Demand;
use LampThread\Message\Message;
use LampThread\Operation\OperatingPoint;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;

/** One thing a circuit must do, and how it is seen in a state. */
final readonly class Behaviour
{
    /**
     * @param  string  $id  stable name
     * @param  string  $briefPath  JSON pointer to the answer it hangs on
     * @param  \Closure(OperatingPoint, array<string, Demand>): (true|string|null)  $holds  true where it holds, null where it is not asked,
     *                                                                               else the component or wire it fails at
     * @param  list<Remedy>  $remedies  to be evaluated where it does not hold
     */
    public function __construct(
        public string $id,
        public Severity $severity,
        public string $briefPath,
        private \Closure $holds,
        public array $remedies = [],
    ) {}

    /** What must hold. */
    public function requirement(): Message
    {
        return Message::of("behaviour.{$this->id}");
    }

    /** @param  array<string, Demand>  $demands */
    public function in(OperatingPoint $point, array $demands): true|string|null
    {
        return ($this->holds)($point, $demands);
    }
}
