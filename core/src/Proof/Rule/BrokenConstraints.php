<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Proof\Finding;
use LampThread\Proof\Findings;
use LampThread\Proof\Remedy;
use LampThread\Proof\Severity;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\Sizing;

/**
 * Parts that break what they were judged by: pinned ones, or where nothing on the shelf is enough. A part is one cause, whatever it
 * breaks: the worst is said, and the others with it.
 */
final readonly class BrokenConstraints implements Rule
{
    /** Drop above which a circuit is refused, % of system voltage (common practice, no source). */
    private const REFUSED_DROP_PERCENT = 10.0;

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->choices as $choice) {
            $broken = array_map(fn (Constraint $constraint): Finding => $this->finding($choice, $constraint), $choice->taken->broken());
            if ($broken !== []) {
                $findings[] = self::merged($broken);
            }
        }

        return $findings;
    }

    /** @param  non-empty-list<Finding>  $broken */
    private static function merged(array $broken): Finding
    {
        $worst = Findings::ordered($broken)[0];
        $others = array_map(
            static fn (Finding $finding): string => lcfirst($finding->title),
            array_values(array_filter($broken, static fn (Finding $finding): bool => $finding !== $worst)),
        );

        return $others === [] ? $worst : $worst->also($others);
    }

    private function finding(Choice $choice, Constraint $constraint): Finding
    {
        [$code, $severity, $title] = match ($constraint->name) {
            'its fuse' => ['fuse-over-wire', Severity::Danger, 'The fuse lets more through than the wire carries'],
            'long overload' => ['wire-hot-at-overload', Severity::Danger, 'A long overload ruins the wire before its fuse opens'],
            'short circuit' => ['short-burns-wire', Severity::Danger, 'A short burns the wire before its fuse opens'],
            'opens on a short' => ['short-too-weak', Severity::Warning, 'A short at the far end hardly opens the fuse'],
            'steady current' => ['wire-over-ampacity', Severity::Danger, 'The wire runs too hot'],
            'loop drop' => [
                'drop-over-limit',
                $constraint->value > self::REFUSED_DROP_PERCENT ? Severity::Danger : Severity::Warning,
                'Too much voltage is lost on the way',
            ],
            'strength' => ['wire-too-thin', Severity::Warning, 'The wire is too thin to last'],
            'running current' => ['relay-over-rating', Severity::Danger, 'The relay runs above its rating'],
            'start current' => ['relay-over-inrush', Severity::Danger, 'The start current can weld the relay'],
            'rest contact' => ['rest-over-rating', Severity::Danger, 'The rest contact carries more than it may'],
            'life' => ['relay-worn-early', Severity::Note, 'The relay wears out early'],
            'the fuse it shares' => ['fuse-over-shared', Severity::Danger, 'The fuse is larger than the one it shares'],
            'start surge' => ['fuse-opens-at-start', Severity::Warning, 'An aged fuse can open as the fan starts'],
            'hot coil pulls in' => ['coil-does-not-pull', Severity::Danger, 'The hot coil may not pull in'],
            'cold coil lets go' => ['coil-does-not-let-go', Severity::Danger, 'What leaks through the coil may hold the relay in'],
            'coil polarity' => ['coil-diode-reversed', Severity::Danger, 'The coil’s diode is the wrong way round'],
            'switched current' => ['switch-over-rating', Severity::Danger, 'The switch carries more than it is made for'],
            'forward current' => ['diode-over-rating', Severity::Danger, 'The diode carries more than it is made for'],
            'heat' => ['resistor-too-hot', Severity::Danger, 'The resistor runs too hot'],
            'earth lift' => ['earth-lifted', Severity::Warning, 'The earth point is lifted'],
            default => ['fuse-over-load', Severity::Warning, 'The fuse is loaded too hard'],
        };
        $fitting = array_values(array_filter($choice->candidates, static fn ($candidate): bool => $candidate->fits()))[0] ?? null;
        $remedies = $choice->isPinned && $fitting !== null
            ? [new Remedy('Take '.$fitting->label(), ["/pinned/{$choice->id}" => null])]
            : ($choice->kind === 'wire' && $choice->candidates === [] ? [new Remedy('Cut it new', [$choice->briefPath => null])] : []);

        return new Finding(
            $code,
            $severity,
            $title,
            sprintf(
                '%s, %s: %s needs %.3g %s, %.3g %s are there. %s.',
                $choice->name,
                $choice->taken->label(),
                $constraint->name,
                $constraint->value,
                $constraint->unit,
                $constraint->limit,
                $constraint->unit,
                $constraint->formula,
            ),
            $choice->id,
            $choice->briefPath,
            ['needs' => [$constraint->value, $constraint->unit], 'has' => [$constraint->limit, $constraint->unit]],
            $remedies,
        );
    }
}
