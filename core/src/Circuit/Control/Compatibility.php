<?php

declare(strict_types=1);

namespace LampThread\Circuit\Control;

use LampThread\Brief\Brief;
use LampThread\Brief\Compressor;
use LampThread\Brief\Control;
use LampThread\Brief\Fan;
use LampThread\Brief\Feed;
use LampThread\Brief\Speeds;
use LampThread\Circuit\Control\AirConditioning\TriggerOf;
use LampThread\Circuit\Control\Decider\DeciderOf;
use LampThread\Circuit\Control\Lockout\LockoutsOf;
use LampThread\Circuit\Control\Override\OverrideOf;
use LampThread\Message\Message;
use LampThread\Message\Problem;

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
            ...self::override($control),
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
            ! DeciderOf::stage($stages[0])->load($stages[0])->hasOwnRelay(),
            ! DeciderOf::stage($stages[1])->load($stages[1])->hasOwnRelay() => Message::of('refusal.two-speeds-need-relays'),
            default => null,
        };

        return $refusal === null ? [] : [new Problem('/control/speeds', $refusal)];
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
            $decider = DeciderOf::stage($stage);
            $path = "/control/stages/{$at}";
            $band = $decider->band();
            if ($band !== null && $band->offC >= $band->onC) {
                $problems[] = new Problem("{$path}/decider/offC", Message::of('refusal.off-above-on'));
            }
            if ($decider->side() !== null && $decider->side() !== $stage->side) {
                $problems[] = new Problem("{$path}/side", Message::of('refusal.output-has-its-side', side: $decider->side()->value));
            }
            array_push($problems, ...$decider->refusals($stage, "{$path}/decider", $control));
        }

        return $problems;
    }

    /** @return list<Problem> */
    private static function airConditioning(Control $control): array
    {
        $trigger = TriggerOf::control($control);
        if ($trigger === null) {
            return [];
        }
        $refusal = $control->airConditioning?->compressor === Compressor::Variable && ! $trigger->suitsVariableCompressor()
            ? Message::of('refusal.variable-compressor', triggers: self::suitable($control), hasAny: self::suitable($control) !== [])
            : $trigger->refusal($control, DeciderOf::stage($control->stages[0])->load($control->stages[0]));

        return $refusal === null ? [] : [new Problem('/control/airConditioning/trigger', $refusal)];
    }

    /** @return list<Message> triggers that suit a variable compressor and what decides */
    private static function suitable(Control $control): array
    {
        $load = DeciderOf::stage($control->stages[0])->load($control->stages[0]);
        $suitable = array_filter(Kinds::triggers(), static function (string $class) use ($control, $load): bool {
            $trigger = new $class;

            return $trigger->suitsVariableCompressor() && $trigger->refusal($control, $load) === null;
        });

        return array_values(array_map(static fn (string $kind): Message => Message::of("option.air-conditioning.{$kind}.label"), array_keys($suitable)));
    }

    /** @return list<Problem> */
    private static function override(Control $control): array
    {
        $refusal = OverrideOf::control($control)?->refusal($control);

        return $refusal === null ? [] : [new Problem('/control/override/kind', $refusal)];
    }

    /** @return list<Problem> */
    private static function afterRunAndLockouts(Control $control): array
    {
        $problems = [];
        $stage = $control->stages[0];
        $afterRun = $control->afterRun === null ? null : AfterRunRelay::refusal($control);
        if ($afterRun !== null) {
            $problems[] = new Problem('/control/afterRun', $afterRun);
        }
        $hasOwnRelay = DeciderOf::stage($stage)->load($stage)->hasOwnRelay();
        foreach ($hasOwnRelay ? [] : LockoutsOf::control($control) as $lockout) {
            $problems[] = new Problem('/control/lockouts/'.$lockout::field(), Message::of(
                $stage->decider->keepsOriginalWiring() ? 'refusal.cuts-original-trigger' : 'refusal.no-trigger-to-open',
            ));
        }

        return $problems;
    }

    /** @return list<Problem> */
    private static function feed(Control $control): array
    {
        return $control->feed === Feed::ExistingCircuit && $control->existingFuseA === null
            ? [new Problem('/control/existingFuseA', Message::of('refusal.shared-fuse-missing'))]
            : [];
    }
}
