<?php

declare(strict_types=1);

namespace LampThread\Diagnosis;

/** What people say is wrong. Each is a statement about the solved circuit: whether a fault would be told of so. */
enum Symptom: string
{
    case NeverRuns = 'never-runs';
    case ComesLate = 'comes-late';
    case ComesEarly = 'comes-early';
    case NeverStops = 'never-stops';
    /** It runs for minutes on end, hot, without getting the coolant down. */
    case RunsOnAndOn = 'runs-on-and-on';
    case RunsKeyOut = 'runs-key-out';
    case OneFanDead = 'one-fan-dead';
    case LowGone = 'low-gone';
    case HighGone = 'high-gone';
    case RunsWeakly = 'runs-weakly';
    case BlowsBackwards = 'blows-backwards';
    case WarmAirConditioning = 'warm-air-conditioning';
    case OverrideDead = 'override-dead';
    case FuseBlows = 'fuse-blows';
    case ClicksAndNothing = 'clicks-and-nothing';
    case NoClick = 'no-click';
    case Buzzes = 'buzzes';
    case BatteryFlat = 'battery-flat';
    case LampWrong = 'lamp-wrong';
    case SmellsHot = 'smells-hot';
    case Overheats = 'overheats';

    /** Below this share of the speed it should have a fan is said to be weak (common practice, no source). */
    public const WEAK_SHARE = 0.85;

    /** Drawn with the key out, more than before, that empties a battery overnight, A (common practice, no source). */
    private const FLAT_A = 0.3;

    private const SMELLS_W = 8.0;

    public function isShownBy(Behaviour $broken, Behaviour $sound): bool
    {
        $situations = $sound->situations;
        [$asked, $full] = [$situations->asked, $situations->full];

        return match ($this) {
            self::NeverRuns => $this->all($asked, static fn (string $at): bool => ! $broken->at($at)->runsAny()) && $sound->runsAnyAt($asked),
            self::ComesLate => $broken->fansDiffer($situations->heat, $sound, self::missing(...))
                && ! $broken->fansDiffer([$full], $sound, self::missing(...)),
            self::ComesEarly => $broken->fansDiffer([Situations::EARLY], $sound, self::unasked(...))
                && ! $broken->fansDiffer([Situations::COLD], $sound, self::unasked(...)),
            self::NeverStops => $broken->fansDiffer([Situations::COLD], $sound, self::unasked(...)),
            self::RunsKeyOut => $broken->fansDiffer([Situations::KEY_OUT, Situations::STOPPED_HOT], $sound, self::unasked(...)),
            self::OneFanDead => $broken->hasOneDead($sound),
            self::LowGone => count($situations->heat) > 1 && $sound->runsAnyAt([$situations->heat[0]]) && ! $broken->runsAnyAt([$situations->heat[0]])
                && $broken->runsAnyAt([$full]),
            self::HighGone => count($situations->heat) > 1 && $broken->runsAnyAt([$full]) && $broken->lacksLastStage($sound),
            self::RunsWeakly => $broken->isWeaker([$full], $sound, self::WEAK_SHARE),
            self::BlowsBackwards => $broken->blowsBackwards([$full, Situations::COLD]),
            self::WarmAirConditioning => $broken->fansDiffer([Situations::AIR_CONDITIONING], $sound, self::missing(...))
                || $broken->isWeaker([Situations::AIR_CONDITIONING], $sound, self::WEAK_SHARE),
            self::OverrideDead => $broken->fansDiffer($situations->overrides, $sound, self::missing(...)),
            self::FuseBlows => $broken->opened !== [],
            self::ClicksAndNothing => $broken->clicksAndNothing($sound),
            self::NoClick => $broken->relayRests($sound),
            self::Buzzes => $broken->buzzes(),
            self::BatteryFlat => $broken->drawnMoreA([Situations::KEY_OUT, Situations::STOPPED_HOT], $sound) > self::FLAT_A,
            self::LampWrong => $broken->lampDiffers($sound),
            self::SmellsHot => $broken->hottestJointW() > self::SMELLS_W,
            self::Overheats => $broken->fansDiffer($asked, $sound, self::missing(...))
                || $broken->isWeaker([$full], $sound, self::WEAK_SHARE) || $broken->blowsBackwards([$full]),
            // The circuit does what it should: only what is not electrical lets it.
            self::RunsOnAndOn => $broken->isWeaker([$full], $sound, self::WEAK_SHARE),
        };
    }

    private static function missing(bool $runs, bool $should): bool
    {
        return $should && ! $runs;
    }

    private static function unasked(bool $runs, bool $should): bool
    {
        return $runs && ! $should;
    }

    /**
     * @param  list<string>  $situations
     * @param  \Closure(string): bool  $holds
     */
    private function all(array $situations, \Closure $holds): bool
    {
        return array_filter($situations, static fn (string $at): bool => ! $holds($at)) === [];
    }
}
