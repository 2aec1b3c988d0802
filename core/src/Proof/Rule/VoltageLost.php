<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Circuit\Component\FanMotor;
use LampThread\Circuit\Wire;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Candidate;
use LampThread\Sizing\DropLadder;
use LampThread\Sizing\Sizing;

/**
 * What fuse, contacts and the whole loop of a fan lose, apart from its wires: thicker copper never pays for a bad contact. On a good job no
 * more than 0.1 V at any one of them and 0.5 V in all at 12 V; twice that is too much, a tenth of the voltage is refused. Common
 * practice, no source. Earth points are judged by what is earthed there together.
 */
final readonly class VoltageLost implements Rule
{
    private const JOINT_V = 0.1;

    /** So far above a rule of thumb nothing is said: nobody measures it (common practice, no source). */
    public const BAND = 1.1;

    private const USUAL_SHARE = 0.05;

    private const REFUSED_SHARE = 0.1;

    public function judge(Sizing $sizing): array
    {
        $fans = array_column($sizing->circuit->each(FanMotor::class), null, 'id');
        $ladders = [];
        foreach ($sizing->circuit->wireGroups as $group) {
            $fan = $fans[explode(':', $group->loadFrom)[0]] ?? null;
            $ladder = $fan !== null ? DropLadder::of($group, $sizing->circuit, $sizing->envelope) : null;
            // Several groups lead to one fan; the way that loses most is said once.
            if ($ladder !== null && $fan !== null && $ladder->lostV() > (($ladders[$fan->id] ?? null)?->lostV() ?? -1.0)) {
                $ladders[$fan->id] = $ladder;
            }
        }
        $joints = [];
        $inAll = [];
        foreach ($ladders as $fanId => $ladder) {
            // What several fans lie behind is said once.
            $joints += $this->joints($ladder, $sizing);
            array_push($inAll, ...$this->inAll($ladder, $fanId, $sizing));
        }

        return [...array_values($joints), ...$inAll];
    }

    /** @return array<string, Finding> by component; none of what nothing fits for, which nobody buys */
    private function joints(DropLadder $ladder, Sizing $sizing): array
    {
        $findings = [];
        $unmade = $sizing->unmade();
        foreach ($ladder->rungs as $rung) {
            $component = $rung['component'] === null ? null : $sizing->circuit->components[$rung['component']];
            $isMade = $component !== null && ! in_array($component->id, $unmade, true) && $sizing->circuit->isKnown($component->id);
            if ($isMade && $component->isJoint() && $rung['volts'] > self::BAND * self::JOINT_V) {
                $findings[$component->id] = new Finding(
                    'joint-drop',
                    Severity::Warning,
                    $component->id,
                    "/pinned/{$component->id}",
                    ['part' => $rung['name'], 'lost' => Unit::Volt->of($rung['volts'])],
                    [Figure::of('lost', Unit::Volt->of($rung['volts'])), Figure::of('at-most', Unit::Volt->of(self::JOINT_V))],
                    $this->otherRelays($component->id, $sizing),
                );
            }
        }

        return $findings;
    }

    /** @return list<Remedy> the next relay that fits: a larger contact loses less */
    private function otherRelays(string $id, Sizing $sizing): array
    {
        $choice = $sizing->choices[$id] ?? null;
        if ($choice?->kind !== 'relay') {
            return [];
        }
        $fitting = array_values(array_filter($choice->candidates, static fn (Candidate $one): bool => $one->fits() && $one !== $choice->taken));
        $largest = $fitting[count($fitting) - 1] ?? null;

        return $largest === null ? [] : [Remedy::of('take-part', ["/pinned/{$id}" => $largest->part->id()], ['part' => $largest->label()])];
    }

    /** @return list<string> wires and parts that were there and that nobody has looked at */
    private static function notLookedAt(Sizing $sizing): array
    {
        $wires = array_filter($sizing->circuit->wires, static fn (Wire $wire): bool => $wire->foundId !== null && ! $sizing->brief->isJudged($wire->group));
        $parts = array_filter(array_keys($sizing->circuit->components), static fn (string $id): bool => ! $sizing->circuit->isKnown($id));

        return [...array_values(array_column($wires, 'id')), ...array_values($parts)];
    }

    /** @return list<Finding> */
    private function inAll(DropLadder $ladder, string $fan, Sizing $sizing): array
    {
        // What nobody has measured is not judged.
        $share = $ladder->knownLostV(self::notLookedAt($sizing)) / $sizing->brief->supply->systemV;
        if ($share <= self::USUAL_SHARE) {
            return [];
        }

        return [new Finding(
            'drop-in-all',
            match (true) {
                $share > self::REFUSED_SHARE => Severity::Danger,
                $share > 1.5 * self::USUAL_SHARE => Severity::Warning,
                default => Severity::Note,
            },
            $fan,
            '/wiring/dropLimitPercent',
            ['lost' => Unit::Volt->of($ladder->lostV()), 'left' => Unit::Volt->of($ladder->loadV), 'fan' => $sizing->circuit->components[$fan]->name],
            [
                Figure::of('lost', Unit::Volt->of($ladder->lostV())),
                Figure::of('usual', Unit::Volt->of(self::USUAL_SHARE * $sizing->brief->supply->systemV)),
            ],
        )];
    }
}
