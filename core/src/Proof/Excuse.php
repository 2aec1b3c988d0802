<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Component\Breakable;
use LampThread\Circuit\Component\FaultKind;
use LampThread\Circuit\Wire;
use LampThread\Message\Message;
use LampThread\Proof\Rule\UnfusedLength;
use LampThread\Sizing\Sizing;

/**
 * Why a fault that burns, strands or damages something raises no finding: no choice of parts would prevent it. Whatever is excused by none of
 * these leads to a finding. docs/how-it-works.md prints them all.
 */
enum Excuse: string
{
    /** Every crimp, stud, contact and plug can fail; each is measured in Handover. */
    case Joint = 'joint';

    /** The few centimetres between a source and its fuse have none. */
    case FirstCentimetres = 'first-centimetres';

    /** A hand has done it, fitting or mending: exchanged leads or poles, a larger fuse, a bridged one. */
    case ByHand = 'by-hand';

    /** The strap from engine to body is the vehicle's. */
    case Strap = 'strap';

    /** A controller limits what it gives a shorted fan, or goes itself. */
    case LimitedByController = 'limited-by-controller';

    /** The cooling system's own parts: no wiring helps. */
    case CoolingSystem = 'cooling-system';

    /** A switch at the dash still makes a fan run. */
    case SavedByHand = 'saved-by-hand';

    public static function of(FaultOutcome $fault, Sizing $sizing): ?self
    {
        foreach (self::cases() as $excuse) {
            if ($excuse->holds($fault, $sizing)) {
                return $excuse;
            }
        }

        return null;
    }

    public function words(): Message
    {
        return Message::of("excuse.{$this->value}");
    }

    private function holds(FaultOutcome $fault, Sizing $sizing): bool
    {
        return match ($this) {
            self::Joint => $fault->fault->isJoint(),
            self::FirstCentimetres => $fault->kind === FaultKind::Chafed && self::isFirstCentimetres($sizing->circuit->part($fault->part)),
            self::ByHand => $fault->fault->isByHand(),
            self::Strap => $fault->kind === FaultKind::StrapOpen,
            self::LimitedByController => $fault->kind === FaultKind::Short && self::isFedByController($fault->part, $sizing),
            self::CoolingSystem => in_array($fault->kind, [FaultKind::ThermostatShut, FaultKind::CoolantLow, FaultKind::CoreBlocked], true),
            self::SavedByHand => $fault->harm === Harm::Stranded && $fault->overrideSaves === true,
        };
    }

    private static function isFirstCentimetres(?Breakable $part): bool
    {
        return $part instanceof Wire && $part->isBeforeFuse() && $part->segment->lengthM <= UnfusedLength::WANTED_M;
    }

    private static function isFedByController(string $part, Sizing $sizing): bool
    {
        foreach ($sizing->brief->control->stages as $stage) {
            if (in_array($part, $stage->fanIds, true) && $sizing->circuit->sensorOf($stage->id)?->isProportional() === true) {
                return true;
            }
        }

        return false;
    }
}
