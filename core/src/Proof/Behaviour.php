<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Electrics\OperatingPoint;

/** One thing a circuit must do, in words, and how it is seen in a state. */
final readonly class Behaviour
{
    /**
     * @param  string  $id  stable name
     * @param  string  $words  what must hold, as it is shown
     * @param  string  $broken  what is wrong where it does not, as a finding's title
     * @param  string  $briefPath  JSON pointer to the answer it hangs on
     * @param  \Closure(OperatingPoint, array<string, Want>): (true|string|null)  $holds  true where it holds, null where it is not asked,
     *                                                                             else the component or wire it fails at
     * @param  list<Remedy>  $remedies  to be tried where it does not hold
     */
    public function __construct(
        public string $id,
        public string $words,
        public Severity $severity,
        public string $broken,
        public string $briefPath,
        private \Closure $holds,
        public array $remedies = [],
    ) {}

    /** @param  array<string, Want>  $wants */
    public function in(OperatingPoint $point, array $wants): true|string|null
    {
        return ($this->holds)($point, $wants);
    }
}
