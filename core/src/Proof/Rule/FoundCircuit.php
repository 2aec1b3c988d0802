<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\Found;
use LampThread\Brief\FoundFault;
use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Component\Fuse;
use LampThread\Circuit\Component\Relay;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * What was there and stays, beyond what it carries: a fuse that somebody has raised, the connector of a fan, and what of it nobody has
 * looked at. Common practice, no source.
 */
final readonly class FoundCircuit implements Rule
{
    public function judge(Sizing $sizing): array
    {
        $found = $sizing->brief->found;

        return $found === null ? [] : [
            ...$this->wrong($found, $sizing), ...$this->raised($found, $sizing), ...$this->connectors($found, $sizing), ...$this->assumed($sizing),
        ];
    }

    /** @return list<Finding> a fault that was found in what stays */
    private function wrong(Found $told, Sizing $sizing): array
    {
        $found = $sizing->existing->circuit ?? $sizing->circuit;

        return array_map(static function (FoundFault $wrong) use ($sizing, $found): Finding {
            $part = $sizing->circuit->components[$wrong->part] ?? null;

            return new Finding(
                'found-faulty', Severity::Warning, $wrong->part, '/found/wrong',
                [
                    'part' => $part->name ?? Message::of('wire-group.between', ends: array_map(
                        $found->terminalName(...), explode('>', $wrong->part),
                    )),
                    'fault' => Message::of("fault-kind.{$wrong->fault}"),
                ],
                remedies: $part?->comesOut() === true ? Renewal::remedies($wrong->part, $sizing) : [],
            );
        }, $sizing->alteration()->stillWrong($told->wrong));
    }

    /** @return list<Finding> */
    private function raised(Found $found, Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(Fuse::class) as $fuse) {
            $told = $found->part($fuse->id);
            if ($sizing->circuit->wasThere($fuse->id) && $told->beforeA !== null && $fuse->ratedA() > $told->beforeA) {
                $before = Unit::Ampere->of($told->beforeA);
                $now = Unit::Ampere->of($fuse->ratedA());
                $findings[] = new Finding(
                    'fuse-raised', Severity::Danger, $fuse->id, "/found/parts/{$fuse->id}/beforeA", ['before' => $before, 'now' => $now],
                    [Figure::of('was', $before), Figure::of('fuse', $now)], Renewal::remedies($fuse->id, $sizing),
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> what a fan draws for hours against the pins of the plug it had */
    private function connectors(Found $found, Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->circuit->each(FanMotor::class) as $motor) {
            $pinA = $found->part($motor->id)->pinA ?? INF;
            $fanA = $sizing->envelope->greatestA($motor->id);
            $keepsPlug = $sizing->circuit->wasThere($motor->id) && ! isset($sizing->circuit->components["{$motor->id}-plug"]);
            if ($keepsPlug && $fanA > $pinA) {
                $findings[] = new Finding(
                    'plug-weak', Severity::Danger, $motor->id, "/found/parts/{$motor->id}/pinA", ['rated' => Unit::Ampere->of($pinA)],
                    [Figure::of('draws', Unit::Ampere->of($fanA)), Figure::of('may-carry', Unit::Ampere->of($pinA))],
                );
            }
        }

        return $findings;
    }

    /** @return list<Finding> one, of all that carries the fans and is only taken as usual; none where it is all known */
    private function assumed(Sizing $sizing): array
    {
        $taken = [];
        $circuit = $sizing->circuit;
        $carrying = [...$circuit->each(Fuse::class), ...$circuit->each(Relay::class)];
        foreach ($carrying as $part) {
            if ($circuit->wasThere($part->id) && ! $sizing->brief->isJudged($part->id)) {
                $taken[] = Message::of('found.taken', part: $part->name, as: $part->part->label());
            }
        }
        foreach ($circuit->wires as $wire) {
            if ($wire->foundId !== null && ! $sizing->brief->isJudged($wire->group)) {
                $taken[$wire->group] ??= Message::of('found.taken', part: $circuit->wireGroups[$wire->group]->name, as: $wire->conductor->label());
            }
        }

        return $taken === [] ? [] : [new Finding('found-assumed', Severity::Note, 'found', '/found/parts', ['taken' => array_values($taken)])];
    }
}
