<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\CoilFeed;
use LampThread\Brief\Stretch;
use LampThread\Proof\Finding;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Sizing;

/** Wire between a source and its fuse has no protection at all. 0.2 m is wanted at most, 0.5 m is flagged (common practice, no source). */
final readonly class UnfusedLength implements Rule
{
    public const WANTED_M = 0.2;

    public const FLAGGED_M = 0.5;

    public function judge(Sizing $sizing): array
    {
        $subjects = [Stretch::BatteryToFuse->value => $sizing->brief->control->stages[0]->fanIds[0].'-fuse'];
        if ($sizing->brief->control->coilFeed === CoilFeed::Battery) {
            $subjects[Stretch::FeedToFuse->value] = 'coil-fuse';
        }
        $findings = [];
        foreach ($subjects as $name => $fuseId) {
            $lengthM = $sizing->brief->run(Stretch::from($name))->lengthM;
            if ($lengthM > self::WANTED_M) {
                $path = "/runs/{$name}/lengthM";
                $findings[] = new Finding(
                    'unfused-length',
                    $lengthM > self::FLAGGED_M ? Severity::Danger : Severity::Warning,
                    'Too much wire before the fuse',
                    'If it is chafed or crushed before the fuse, only the battery limits the current. Put the fuse at the battery.',
                    $fuseId,
                    $path,
                    ['unfused' => [$lengthM, 'm'], 'wanted at most' => [self::WANTED_M, 'm'], 'flagged above' => [self::FLAGGED_M, 'm']],
                    [new Remedy('Move the fuse to 0.15 m from the battery', [$path => 0.15])],
                );
            }
        }

        return $findings;
    }
}
