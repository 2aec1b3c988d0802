<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Sizing\Sizing;

/** Everything there is to say against a design, worst first. */
final class Findings
{
    /** @return list<Finding> */
    public static function of(Sizing $sizing): array
    {
        $findings = [];
        foreach (self::rules() as $rule) {
            array_push($findings, ...$rule->judge($sizing));
        }

        return self::ordered($findings);
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<Finding> worst first
     */
    public static function ordered(array $findings): array
    {
        $order = array_flip(array_column(Severity::cases(), 'value'));
        usort($findings, static fn (Finding $a, Finding $b): int => $order[$a->severity->value] <=> $order[$b->severity->value]);

        return $findings;
    }

    /** @return list<Rule\Rule> */
    private static function rules(): array
    {
        return [
            new Rule\BrokenConstraints,
            new Rule\FeedWithoutFuse,
            new Rule\ReturnThinner,
            new Rule\FanDirection,
            new Rule\StillCoolant,
            new Rule\OverrideIndication,
            new Rule\SharedFuse,
            new Rule\TriggerFuse,
            new Rule\HoseAdapterEarth,
            new Rule\UnfusedLength,
            new Rule\SetPoints,
            new Rule\FanClearance,
            new Rule\CoreCover,
            new Rule\KeyOut,
            new Rule\Cranking,
            new Rule\ClutchFedBackwards,
            new Rule\StagesInOrder,
            new Rule\LockoutInClimb,
            new Rule\AfterRunDrain,
            new Rule\IdleShortfall,
            new Rule\Chatter,
        ];
    }
}
