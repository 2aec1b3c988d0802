<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Brief\Brief;
use LampThread\Brief\Fan;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Fault\CoolingFault;
use LampThread\Message\Message;
use LampThread\Road\HeatsUp;
use LampThread\Road\StandingHeat;

/** What fails in the cooling system itself: no circuit shows it, and people look for it in the circuit all the same. */
final readonly class CoolingFaults
{
    /** What of the coolant still gets round when there is far too little (common practice, no source). */
    private const LOW_FLOW_SHARE = 0.2;

    private const BLOCKED_SHARE = 0.5;

    public function __construct(private Brief $brief, private StandingHeat $heat) {}

    /** @return list<FaultOutcome> */
    public function outcomes(): array
    {
        $fansM3h = array_sum(array_map(static fn (Fan $fan): float => $fan->flowM3h, $this->brief->fans));
        $feltBehind = array_filter($this->brief->control->stages, static fn ($stage): bool => $stage->decider->band()?->place->isBehindThermostat() === true);
        $isFeltBehind = $feltBehind !== [];

        return [
            $this->hot('thermostat', FaultKind::ThermostatShut, Message::of('effect.thermostat-shut', isFelt: ! $isFeltBehind), $this->heat->heatsUp($fansM3h, 0.0)),
            new FaultOutcome(
                'thermostat', 'thermostat', '–', Message::of('cooling-part.thermostat'), new CoolingFault(FaultKind::ThermostatOpen), Harm::Silent, null,
                [Message::of('effect.thermostat-open')], null, null, 1.0, 0.0, [], null, Notice::Gauge, null, 1,
            ),
            $this->hot('core', FaultKind::CoreBlocked, Message::of('effect.core-blocked'), $this->heat->heatsUp($fansM3h, 1.0, self::BLOCKED_SHARE)),
            $this->hot('coolant', FaultKind::CoolantLow, Message::of('effect.coolant-low'), $this->heat->heatsUp(0.0, self::LOW_FLOW_SHARE)),
        ];
    }

    private function hot(string $part, FaultKind $kind, Message $effect, HeatsUp $heatsUp): FaultOutcome
    {
        return new FaultOutcome(
            $part, $part, '–', Message::of("cooling-part.{$part}"), new CoolingFault($kind),
            $heatsUp->overS === null ? Harm::LessCooling : Harm::Stranded,
            HeatingEffect::figure($heatsUp),
            [$effect, HeatingEffect::said($heatsUp)],
            null, null, 1.0, 0.0, [], null, Notice::Gauge, $heatsUp->boilsS, 1,
        );
    }
}
