<?php

declare(strict_types=1);

namespace LampThread\Circuit\Arrangement;

use LampThread\Brief\OriginalControl;
use LampThread\Brief\OverrideKind;
use LampThread\Brief\Stage;
use LampThread\Brief\Stretch;
use LampThread\Circuit\Circuit;
use LampThread\Circuit\Colour;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\OriginalWiring;
use LampThread\Circuit\Harness;
use LampThread\Circuit\Line;
use LampThread\Circuit\Reel;

/** A fan the vehicle's own relay still runs: its wiring is kept whole, or cut at the fan's plus for a change-over relay. */
final readonly class OriginalFan implements Arrangement
{
    public function __construct(private Stage $stage, private OriginalControl $control) {}

    /** The wire what decides earths: whatever earths it too makes the fan run. */
    public static function trigger(Stage $stage): string
    {
        return "{$stage->id}-output:out";
    }

    public function install(Harness $harness): void
    {
        $fan = $harness->brief->fan($this->stage->fanIds[0]);
        $harness->add(new FanMotor($harness->mark('M'), $fan));
        $override = $harness->brief->control->override;
        $wiring = $harness->add(new OriginalWiring(
            "{$this->stage->id}-original",
            $harness->mark('K'),
            $this->control,
            $harness->brief->supply->systemV,
            $fan->id,
            self::trigger($this->stage),
            isCut: $override?->kind === OverrideKind::ChangeOver,
        ));
        if ($wiring->isCut) {
            $rest = (string) $harness->left(Line::into($fan->id));
            $harness->wire($wiring->plus(), $rest, Stretch::CoilToEarth, Colour::FanFeed, "{$fan->id}-override-wire");
        }
        $harness->reel(new Reel(CoilSupply::REEL, 'Trigger wire', $wiring->id, Circuit::SUPPLY, self::trigger($this->stage)));
    }
}
