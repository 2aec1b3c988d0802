<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\OriginalCircuit;
use LampThread\Brief\Stage;
use LampThread\Brief\Zone;
use LampThread\Circuit\Component\VehicleFuse;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Parts\FusePart;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\FuseSizing;
use LampThread\Sizing\RelaySizing;
use LampThread\Sizing\Sizing;

/**
 * The vehicle's own fuse, wire, relay and plug that stay: a fuse raised since it was made, one too large for the wire, a relay or plug that
 * carries less than the fans draw; and what of them nobody has told. Common practice, no source.
 */
final readonly class OriginalWire implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->brief->control->stages as $at => $stage) {
            if ($stage->original !== null) {
                $path = "/control/stages/{$at}/original";
                array_push(
                    $findings,
                    ...$this->raised($stage, $stage->original, $path),
                    ...$this->thin($stage, $stage->original, $path, $sizing),
                    ...$this->weak($stage, $stage->original, $path, $sizing),
                    ...$this->assumed($stage, $stage->original, $path, $sizing),
                );
            }
        }

        return [...$findings, ...$this->sharedFuse($sizing)];
    }

    /** @return list<Finding> */
    private function raised(Stage $stage, OriginalCircuit $original, string $path): array
    {
        return self::raisedFrom("{$stage->id}-original-fuse", "{$path}/fuseA", $original->fuseBeforeA, $original->takenFuseA());
    }

    /**
     * The fuse of the circuit the loom's feed is taken from.
     *
     * @return list<Finding>
     */
    private function sharedFuse(Sizing $sizing): array
    {
        $control = $sizing->brief->control;

        return isset($sizing->circuit->components[VehicleFuse::EXISTING])
            ? self::raisedFrom(VehicleFuse::EXISTING, '/control/existingFuseA', $control->fuseBeforeA, $control->existingFuseA ?? 0.0)
            : [];
    }

    /** @return list<Finding> */
    private static function raisedFrom(string $subject, string $path, ?float $beforeA, float $nowA): array
    {
        if ($beforeA === null || $nowA <= $beforeA) {
            return [];
        }
        $before = Unit::Ampere->of($beforeA);
        $now = Unit::Ampere->of($nowA);

        return [new Finding(
            'fuse-raised', Severity::Danger, $subject, $path, ['before' => $before, 'now' => $now],
            [Figure::of('was', $before), Figure::of('fuse', $now)],
            [Remedy::of('fuse-as-before', [$path => $beforeA], ['rated' => $before])],
        )];
    }

    /** @return list<Finding> */
    private function thin(Stage $stage, OriginalCircuit $original, string $path, Sizing $sizing): array
    {
        $areaMm2 = $original->takenAreaMm2();
        $ampacityA = $sizing->ampacity->at($areaMm2, Zone::Bay->ambientC(), $sizing->brief->wiring->insulationC);
        $isTold = $original->fuseA !== null && $original->areaMm2 !== null;
        if (! $isTold || FusePart::ratedAt($original->takenFuseA(), Zone::Bay->ambientC()) <= $ampacityA) {
            return [];
        }
        $fuseId = "{$stage->id}-original-fuse";
        $fitsA = FusePart::largestUpToA($ampacityA);
        $fuse = Unit::Ampere->of($original->takenFuseA());
        $isEnough = $sizing->envelope->greatestA($fuseId) <= FuseSizing::continuousA($fitsA, Zone::Bay->ambientC());

        return [new Finding(
            'original-wire-thin', Severity::Danger, $fuseId, "{$path}/fuseA", ['area' => Unit::SquareMillimetre->of($areaMm2), 'rated' => $fuse],
            [Figure::of('fuse', $fuse), Figure::of('may-carry', Unit::Ampere->of($ampacityA))],
            $isEnough ? [Remedy::of('smaller-fuse', ["{$path}/fuseA" => $fitsA], ['rated' => Unit::Ampere->of($fitsA)])] : [],
        )];
    }

    /**
     * What its fans draw for hours against its relay and the plug at the fan, which are as old as the vehicle.
     *
     * @return list<Finding>
     */
    private function weak(Stage $stage, OriginalCircuit $original, string $path, Sizing $sizing): array
    {
        $findings = [];
        $runA = $sizing->envelope->greatestA("{$stage->id}-original-contact");
        $relayA = ($original->relayA ?? INF) * RelaySizing::CONTINUOUS_SHARE;
        if (! $original->isRelayReplaced && $runA > $relayA) {
            $findings[] = new Finding(
                'original-relay-weak', Severity::Danger, "{$stage->id}-original", "{$path}/relayA", ['rated' => Unit::Ampere->of($original->takenRelayA())],
                [Figure::of('draws', Unit::Ampere->of($runA)), Figure::of('may-carry', Unit::Ampere->of($relayA))],
                [Remedy::of('replace-relay', ["{$path}/isRelayReplaced" => true])],
            );
        }
        if (! $original->isRelayReplaced && $original->relayA !== null && $original->fuseA > $original->relayA) {
            $findings[] = new Finding(
                'original-relay-below-fuse', Severity::Warning, "{$stage->id}-original", "{$path}/relayA",
                ['rated' => Unit::Ampere->of($original->relayA), 'fuse' => Unit::Ampere->of($original->takenFuseA())],
                [Figure::of('fuse', Unit::Ampere->of($original->takenFuseA())), Figure::of('may-carry', Unit::Ampere->of($original->relayA))],
                [Remedy::of('replace-relay', ["{$path}/isRelayReplaced" => true])],
            );
        }
        $connectorA = $original->connectorA ?? INF;
        foreach ($stage->fanIds as $fanId) {
            $fanA = $sizing->envelope->greatestA($fanId);
            if ($fanA > $connectorA) {
                $findings[] = new Finding(
                    'original-plug-weak', Severity::Danger, $fanId, "{$path}/connectorA", ['rated' => Unit::Ampere->of($connectorA)],
                    [Figure::of('draws', Unit::Ampere->of($fanA)), Figure::of('may-carry', Unit::Ampere->of($connectorA))],
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> */
    private function assumed(Stage $stage, OriginalCircuit $original, string $path, Sizing $sizing): array
    {
        $names = $original->assumed();
        if ($names === []) {
            return [];
        }

        return [new Finding('original-assumed', Severity::Note, "{$stage->id}-original-fuse", $path, [
            'draws' => Unit::Ampere->of($sizing->envelope->greatestA("{$stage->id}-original-fuse")),
            'figures' => array_map(static fn (string $name): Message => Message::of(
                "original-taken.{$name}", fuse: Unit::Ampere->of($original->takenFuseA()), area: Unit::SquareMillimetre->of($original->takenAreaMm2()),
                relay: Unit::Ampere->of($original->takenRelayA()),
            ), $names),
        ])];
    }
}
