<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Rule\AdapterBody;
use LampThread\Proof\Rule\AfterRunDrain;
use LampThread\Proof\Rule\BreakingCapacity;
use LampThread\Proof\Rule\BrokenConstraints;
use LampThread\Proof\Rule\Chatter;
use LampThread\Proof\Rule\ClutchFedBackwards;
use LampThread\Proof\Rule\CondenserWithoutAir;
use LampThread\Proof\Rule\CoreCover;
use LampThread\Proof\Rule\Cranking;
use LampThread\Proof\Rule\EngineDrivenFan;
use LampThread\Proof\Rule\FanClearance;
use LampThread\Proof\Rule\FanDirection;
use LampThread\Proof\Rule\FanFigures;
use LampThread\Proof\Rule\FeedWithoutFuse;
use LampThread\Proof\Rule\FoundCircuit;
use LampThread\Proof\Rule\HoseAdapterEarth;
use LampThread\Proof\Rule\IdleShortfall;
use LampThread\Proof\Rule\KeyOut;
use LampThread\Proof\Rule\LargeFuse;
use LampThread\Proof\Rule\LockoutInClimb;
use LampThread\Proof\Rule\OverrideIndication;
use LampThread\Proof\Rule\ProbePlace;
use LampThread\Proof\Rule\ReturnThinner;
use LampThread\Proof\Rule\RingsOnStud;
use LampThread\Proof\Rule\SetPoints;
use LampThread\Proof\Rule\SharedFuse;
use LampThread\Proof\Rule\StagesInOrder;
use LampThread\Proof\Rule\StillCoolant;
use LampThread\Proof\Rule\TappedFuse;
use LampThread\Proof\Rule\TriggerFuse;
use LampThread\Proof\Rule\UnfusedLength;
use LampThread\Proof\Rule\UnknownLowSpeed;
use LampThread\Proof\Rule\VoltageLost;
use LampThread\Sizing\Sizing;

/** Everything there is to say against a design, worst first. */
final class Findings
{
    /** @return list<Finding> of the sizes alone, with consequences folded, worst first */
    public static function of(Sizing $sizing): array
    {
        return FindingTree::of(self::flat($sizing), $sizing);
    }

    /** @return list<Finding> each by itself */
    public static function flat(Sizing $sizing): array
    {
        $findings = [];
        foreach (self::rules() as $rule) {
            array_push($findings, ...$rule->judge($sizing));
        }

        return $findings;
    }

    /** @return list<Rule\Rule> */
    private static function rules(): array
    {
        return [
            new BrokenConstraints,
            new FeedWithoutFuse,
            new VoltageLost,
            new ReturnThinner,
            new FanFigures,
            new FanDirection,
            new StillCoolant,
            new OverrideIndication,
            new SharedFuse,
            new FoundCircuit,
            new TappedFuse,
            new TriggerFuse,
            new LargeFuse,
            new BreakingCapacity,
            new HoseAdapterEarth,
            new AdapterBody,
            new UnfusedLength,
            new UnknownLowSpeed,
            new RingsOnStud,
            new SetPoints,
            new FanClearance,
            new CoreCover,
            new EngineDrivenFan,
            new ProbePlace,
            new KeyOut,
            new Cranking,
            new ClutchFedBackwards,
            new CondenserWithoutAir,
            new StagesInOrder,
            new LockoutInClimb,
            new AfterRunDrain,
            new IdleShortfall,
            new Chatter,
        ];
    }
}
