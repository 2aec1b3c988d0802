<?php

declare(strict_types=1);

namespace LampThread\Circuit\Fault;

/** How a part shows itself taken by itself, out of its circuit; unless told, as a sound one does. The words are those of Trail's answers. */
final readonly class InTheHand
{
    /**
     * @param  string  $pulled  what is seen of it pulled out
     * @param  string  $fed  what it does, fed from the battery by leads of its own
     * @param  string  $coil  what an ohmmeter shows of its coil
     * @param  string  $turned  how it feels turned by hand
     * @param  string  $along  what is seen along it
     * @param  string  $acts  when it acts, in hot water with a thermometer
     */
    public function __construct(
        public string $pulled = 'whole',
        public string $fed = 'turns',
        public string $coil = 'as-told',
        public string $turned = 'turns-freely',
        public string $along = 'sound',
        public string $acts = 'acts-in-time',
    ) {}
}
