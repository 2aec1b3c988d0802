<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Brief;
use LampThread\Brief\Compressor;
use LampThread\Brief\Control;
use LampThread\Brief\Fan;
use LampThread\Brief\Feed;
use LampThread\Brief\RelayLead;
use LampThread\Brief\Speeds;
use LampThread\Brief\Stage;
use LampThread\Circuit\Control\AirConditioning\Trigger;
use LampThread\Circuit\Control\AirConditioning\TriggerOf;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Load\LoadOf;
use LampThread\Circuit\Control\Lockout\LockoutsOf;
use LampThread\Circuit\Control\Override\Override;
use LampThread\Circuit\Control\Override\OverridesOf;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Message\Unit;

/** Which answers of a brief do not go together, and why. What one control idea alone knows of that, it says itself. */
final class Compatibility
{
    /** @return list<Problem> */
    public static function problems(Brief $brief): array
    {
        $control = $brief->control;

        return [
            ...self::speeds($control),
            ...self::fans($brief),
            ...self::deciders($control),
            ...self::airConditioning($control),
            ...self::overrides($control),
            ...self::afterRunAndLockouts($control),
            ...self::feed($control),
        ];
    }

    /** @return list<Problem> */
    private static function speeds(Control $control): array
    {
        if ($control->speeds === null) {
            return [];
        }
        $stages = $control->stages;
        $fans = $control->speeds === Speeds::SeriesParallel ? 2 : 1;
        $refusal = match (true) {
            count($stages) !== 2 || $stages[0]->fanIds !== $stages[1]->fanIds => Message::of('refusal.two-speeds-two-stages'),
            count($stages[0]->fanIds) !== $fans => Message::of('refusal.speeds-fans', fans: $fans),
            ! self::haveOwnRelays($stages) => Message::of('refusal.two-speeds-need-relays'),
            default => null,
        };

        return $refusal === null ? [] : [new Problem('/control/speeds', $refusal)];
    }

    /** @param  non-empty-list<Stage>  $stages */
    private static function haveOwnRelays(array $stages): bool
    {
        foreach ($stages as $stage) {
            if (! LoadOf::stage($stage)->hasOwnRelay() || $stage->relayLead === RelayLead::Minus) {
                return false;
            }
        }

        return true;
    }

    /** @return list<Problem> */
    private static function fans(Brief $brief): array
    {
        $problems = [];
        $runBy = array_fill_keys(array_map(static fn (Fan $fan): string => $fan->id, $brief->fans), 0);
        foreach ($brief->control->stages as $at => $stage) {
            foreach ($stage->fanIds as $fanAt => $id) {
                if (! isset($runBy[$id])) {
                    $problems[] = new Problem("/control/stages/{$at}/fans/{$fanAt}", Message::of('refusal.no-such-fan', fan: $id));
                } elseif (++$runBy[$id] > 1 && $brief->control->speeds === null) {
                    $problems[] = new Problem("/control/stages/{$at}/fans/{$fanAt}", Message::of('refusal.fan-in-two-stages', fan: $id));
                }
            }
        }
        foreach (array_keys($runBy, 0, true) as $id) {
            $problems[] = new Problem('/control/stages', Message::of('refusal.fan-in-no-stage', fan: $id));
        }

        return $problems;
    }

    /** @return list<Problem> */
    private static function deciders(Control $control): array
    {
        $problems = [];
        foreach ($control->stages as $at => $stage) {
            foreach ($stage->deciding() as $deciding) {
                $path = "/control/stages/{$at}/".($deciding->parallelNumber === null ? 'decider' : 'parallel/'.($deciding->parallelNumber - 1));
                array_push($problems, ...self::decider($deciding, $path, "/control/stages/{$at}/side", $control));
            }
        }

        return $problems;
    }

    /** @return list<Problem> */
    private static function decider(Stage $deciding, string $path, string $sidePath, Control $control): array
    {
        $decider = DeciderOf::stage($deciding);
        $problems = [];
        $band = $decider->band();
        if ($band !== null && $band->offC >= $band->onC) {
            $problems[] = new Problem("{$path}/offC", Message::of('refusal.off-above-on'));
        }
        $scale = $decider->scale();
        if ($scale !== null && $scale->leastC >= $scale->mostC) {
            $problems[] = new Problem("{$path}/mostC", Message::of('refusal.scale-ends'));
        } elseif ($band !== null && $scale?->contains($band->onC) === false) {
            $problems[] = new Problem("{$path}/onC", Message::of(
                'refusal.off-the-scale', least: Unit::Celsius->of($scale->leastC), most: Unit::Celsius->of($scale->mostC),
                nearest: Unit::Celsius->of($scale->nearestC($band->onC)),
            ));
        }
        if ($decider->side() !== null && $decider->side() !== $deciding->side) {
            $problems[] = new Problem($sidePath, Message::of('refusal.output-has-its-side', side: $decider->side()->value));
        }
        if ($deciding->parallelNumber !== null && ! $decider->canJoin()) {
            $problems[] = new Problem("{$path}/kind", Message::of('refusal.cannot-join'));
        } elseif ($deciding->parallelNumber !== null && LoadOf::stage($deciding)->triggerLine() === null) {
            $problems[] = new Problem("{$path}/kind", Message::of('refusal.no-trigger-to-join'));
        }

        return [...$problems, ...$decider->refusals($deciding, $path, $control)];
    }

    /** @return list<Problem> */
    private static function airConditioning(Control $control): array
    {
        $trigger = TriggerOf::control($control);
        if ($trigger === null || $control->airConditioning === null) {
            return [];
        }
        $isVariable = $control->airConditioning->compressor === Compressor::Variable;
        $refusal = match (true) {
            $isVariable && ! $trigger->suitsVariableCompressor() => Message::of(
                'refusal.variable-compressor', triggers: self::suitable($control), hasAny: self::suitable($control) !== [],
            ),
            self::asksForHalfAPair($control) => Message::of('refusal.high-of-a-pair-needs-low'),
            default => self::refusal($trigger, $control),
        };

        return $refusal === null ? [] : [new Problem('/control/airConditioning/trigger', $refusal)];
    }

    /** In parallel the second relay of a pair feeds one fan only; the other is fed by the first. */
    private static function asksForHalfAPair(Control $control): bool
    {
        return $control->speeds === Speeds::SeriesParallel
            && $control->airConditioning?->asksFor($control->stages[0]) === false;
    }

    private static function refusal(Trigger $trigger, Control $control): ?Message
    {
        foreach ($control->stages as $stage) {
            $refusal = $control->airConditioning?->asksFor($stage) === true ? $trigger->refusal($control, $stage, LoadOf::stage($stage)) : null;
            if ($refusal !== null) {
                return $refusal;
            }
        }

        return null;
    }

    /** @return list<Message> triggers that suit a variable compressor and what decides */
    private static function suitable(Control $control): array
    {
        $suitable = array_filter(Kinds::triggers(), static function (string $class) use ($control): bool {
            $trigger = new $class;

            return $trigger->suitsVariableCompressor() && self::refusal($trigger, $control) === null;
        });

        return array_values(array_map(static fn (string $kind): Message => Message::of("option.air-conditioning.{$kind}.label"), array_keys($suitable)));
    }

    /** @return list<Problem> */
    private static function overrides(Control $control): array
    {
        $problems = [];
        $overrides = OverridesOf::control($control);
        foreach ($overrides as $at => $override) {
            $refusal = $override->refusal($control);
            foreach (array_slice($overrides, 0, $at) as $earlier) {
                $refusal ??= self::contradiction($earlier, $override, $control);
            }
            if ($refusal !== null) {
                $problems[] = new Problem("/control/overrides/{$at}/kind", $refusal);
            }
        }

        return $problems;
    }

    /** Why two overrides do not stand together; null where they do. One that stops and one that runs do: stopping is stronger. */
    private static function contradiction(Override $one, Override $other, Control $control): ?Message
    {
        $kind = $one::kind();
        $shared = array_filter($one->stages($control), static fn (Stage $stage): bool => $other->concerns($stage, $control));
        $canBothRun = $one->canRun() && $other->canRun();

        return match (true) {
            $shared === [] => null,
            $one->opensSensorCircuit() && $other->opensSensorCircuit() => Message::of('refusal.one-sensor-circuit'),
            $kind === $other::kind() => Message::of('refusal.override-twice', stage: array_values($shared)[0]->id),
            $one->changesOverFeed() && $other->changesOverFeed() => Message::of('refusal.changed-over-twice'),
            $canBothRun && ($one->saysAll() || $other->saysAll()) => Message::of(
                'refusal.overrides-contradict', other: Message::of("option.override.{$kind}.label"), stage: array_values($shared)[0]->id,
            ),
            default => null,
        };
    }

    /** @return list<Problem> */
    private static function afterRunAndLockouts(Control $control): array
    {
        $problems = [];
        $afterRun = $control->afterRun === null ? null : AfterRunRelay::refusal($control);
        if ($afterRun !== null) {
            $problems[] = new Problem('/control/afterRun', $afterRun);
        }
        foreach (LockoutsOf::control($control) as $lockout) {
            foreach ($control->stages as $stage) {
                $load = LoadOf::stage($stage);
                $isOpened = $lockout->isInLine() ? $load->triggerLine() !== null : ! $load->isFedPastCoilFeed();
                if (! $isOpened) {
                    $problems[] = new Problem('/control/lockouts/'.$lockout::field(), Message::of(
                        $lockout->isInLine() ? 'refusal.no-trigger-to-open' : 'refusal.no-coil-feed-to-open',
                    ));

                    break;
                }
            }
        }

        return $problems;
    }

    /** @return list<Problem> */
    private static function feed(Control $control): array
    {
        $isShared = $control->feed === Feed::ExistingCircuit || $control->coilFeed->liveFeed() === Feed::ExistingCircuit;

        return $isShared && $control->existingFuseA === null
            ? [new Problem('/control/existingFuseA', Message::of('refusal.shared-fuse-missing'))]
            : [];
    }
}
