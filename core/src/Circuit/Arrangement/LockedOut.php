<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\Lockouts;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Component\LockoutContact;
use LampThread\Circuit\Harness;

/** Contacts in the trigger line that keep the stage off: above an engine speed, while cranking. */
final readonly class LockedOut implements Arrangement
{
    public function __construct(private Lockouts $lockouts, private TriggerLine $line) {}

    public function install(Harness $harness): void
    {
        if ($this->lockouts->aboveRpm !== null) {
            $this->insert($harness, 'speed-lockout', 'Engine-speed lockout', $this->lockouts->aboveRpm);
        }
        if ($this->lockouts->cranking) {
            $this->insert($harness, 'cranking-lockout', 'Cranking lockout', null);
        }
    }

    private function insert(Harness $harness, string $name, string $label, ?float $aboveRpm): void
    {
        $contact = $harness->add(new LockoutContact("{$this->line->stage->id}-{$name}", $harness->mark('S'), $label, $aboveRpm));
        $this->line->insert($harness, $contact->terminal('1'), $contact->terminal('2'), Stretch::CoilToEarth);
    }
}
