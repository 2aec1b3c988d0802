<?php

declare(strict_types=1);

namespace LampThread\Proof\Rule;

use LampThread\Brief\EarthReturn;
use LampThread\Brief\Stretch;
use LampThread\Brief\Zone;
use LampThread\Message\Message;
use LampThread\Message\Quantity;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Remedy;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Choice;
use LampThread\Sizing\Constraint;
use LampThread\Sizing\Sizing;

/**
 * Parts that break what they were judged by: pinned ones, or where nothing on the shelf is enough. A part is one cause, whatever it
 * breaks: the worst is said, and the others with it.
 */
final readonly class BrokenConstraints implements Rule
{
    /** Insulation of the best cable that is common, °C. */
    private const BEST_INSULATION_C = 125.0;

    /** The most that the wires of a fan are let lose, % (common practice, no source). */
    private const MOST_DROP_PERCENT = 5.0;

    /** Constraint to the code of the finding where it is broken, and how bad that is. */
    private const FINDINGS = [
        'continuous-load' => ['fuse-over-load', Severity::Warning],
        'fuse-rating' => ['fuse-over-wire', Severity::Danger],
        'fuse-as-makers' => ['fuse-over-wire', Severity::Danger],
        'long-overload' => ['wire-hot-at-overload', Severity::Danger],
        'short-circuit' => ['short-burns-wire', Severity::Danger],
        'opens-on-short' => ['short-too-weak', Severity::Warning],
        'steady-current' => ['wire-over-ampacity', Severity::Danger],
        'hot-place' => ['wire-over-ampacity', Severity::Danger],
        'wire-drop' => ['drop-over-limit', Severity::Warning],
        'trunk' => ['branch-over-trunk', Severity::Warning],
        'strength' => ['wire-too-thin', Severity::Warning],
        'running-current' => ['relay-over-rating', Severity::Danger],
        'ends-take' => ['wire-fits-no-end', Severity::Warning],
        'ends-hold' => ['wire-fits-no-end', Severity::Warning],
        'fuse-before' => ['relay-below-fuse', Severity::Warning],
        'contact-drop' => ['joint-drop', Severity::Warning],
        'start-current' => ['relay-over-inrush', Severity::Danger],
        'rest-contact' => ['rest-over-rating', Severity::Danger],
        'life' => ['relay-worn-early', Severity::Note],
        'shared-fuse' => ['fuse-over-shared', Severity::Danger],
        'fast-fuse' => ['fuse-fast-for-start', Severity::Note],
        'start-surge' => ['fuse-opens-at-start', Severity::Warning],
        'coil-voltage' => ['coil-over-voltage', Severity::Danger],
        'pull-in' => ['coil-does-not-pull', Severity::Danger],
        'drop-out' => ['coil-does-not-let-go', Severity::Danger],
        'coil-polarity' => ['coil-diode-reversed', Severity::Danger],
        'switched-current' => ['switch-over-rating', Severity::Danger],
        'switched-start' => ['switch-over-start', Severity::Danger],
        'forward-current' => ['diode-over-rating', Severity::Danger],
        'heat' => ['resistor-too-hot', Severity::Danger],
        'earth-lift' => ['earth-lifted', Severity::Warning],
    ];

    /** Limits nobody has measured: what is over them by less than this is no finding (common practice, no source). */
    private const OF_THUMB = ['earth-lift', 'contact-drop'];

    public function judge(Sizing $sizing): array
    {
        $findings = [];
        foreach ($sizing->choices as $choice) {
            if (! $choice->isMade()) {
                if (! self::isForWantOfFuse($choice, $sizing)) {
                    $findings[] = $this->nothingFits($choice, $sizing);
                }

                continue;
            }
            $broken = array_map(static fn (Constraint $constraint): Finding => self::finding($choice, $constraint, $sizing), array_values(array_filter(
                $choice->taken->broken(), static fn (Constraint $one): bool => ! in_array($one->code, self::OF_THUMB, true) || $one->usedShare() > VoltageLost::BAND,
            )));
            if ($broken !== []) {
                $findings[] = self::merged($broken);
            }
        }

        return $findings;
    }

    /** Whether all it lacks is a fuse before it, of which none fits: that is said of the fuse. */
    private static function isForWantOfFuse(Choice $choice, Sizing $sizing): bool
    {
        $protectedBy = ($sizing->circuit->wireGroups[$choice->id] ?? null)?->protectedBy;
        $without = array_filter($sizing->unmade(), static fn (string $id): bool => $sizing->choices[$id]->kind === 'fuse' && ($choice->kind === 'relay' || $id === $protectedBy));

        return $without !== [] && in_array($choice->taken->deciding()->code, Constraint::OF_FUSE, true);
    }

    private function nothingFits(Choice $choice, Sizing $sizing): Finding
    {
        $nearest = $choice->taken->deciding();

        return new Finding(
            'nothing-fits',
            Severity::Danger,
            $choice->id,
            $choice->briefPath,
            figures: [
                Figure::of('needs', new Quantity($nearest->value, $nearest->unit)),
                Figure::of('has', new Quantity($nearest->limit, $nearest->unit)),
            ],
            remedies: $choice->kind === 'wire' ? self::wireRemedies($choice, $sizing) : self::relayEach($sizing),
            reason: Message::of(
                'finding.nothing-fits.reason', choice: $choice->name, part: $choice->taken->label(), constraint: $nearest->name(),
                needs: new Quantity($nearest->value, $nearest->unit), has: new Quantity($nearest->limit, $nearest->unit),
            ),
        );
    }

    /** @return list<Remedy> each of which is tried before it is offered */
    private static function wireRemedies(Choice $choice, Sizing $sizing): array
    {
        $remedies = [Remedy::of('better-insulation', ['/wiring/insulationC' => self::BEST_INSULATION_C], ['insulation' => Unit::Celsius->of(self::BEST_INSULATION_C)])];
        foreach ($sizing->circuit->wiresOf($sizing->circuit->wireGroups[$choice->id]) as $wire) {
            if ($wire->segment->zone !== Zone::Cabin && $wire->stretch !== Stretch::Stub) {
                $path = "/runs/{$wire->stretch->value}";
                $remedies[$path] = Remedy::of('cooler-way', ["{$path}/zone" => Zone::Cabin->value, "{$path}/ambientC" => null], [
                    'stretch' => Message::of("stretch.{$wire->stretch->value}"), 'ambient' => Unit::Celsius->of(Zone::Cabin->ambientC()),
                ]);
            }
        }
        $allowDrop = Remedy::of('allow-drop', ['/wiring/dropLimitPercent' => self::MOST_DROP_PERCENT], ['drop' => Unit::Percent->of(self::MOST_DROP_PERCENT)]);

        return [...array_values($remedies), ...self::relayEach($sizing), $allowDrop];
    }

    /** @return list<Remedy> each of which is tried before it is offered */
    private static function relayEach(Sizing $sizing): array
    {
        $remedies = [];
        foreach ($sizing->brief->control->stages as $at => $stage) {
            if ($stage->sharesRelay) {
                $remedies[] = Remedy::of('relay-each', ["/control/stages/{$at}/sharesRelay" => false]);
            }
        }

        return $remedies;
    }

    /** @param  non-empty-list<Finding>  $broken */
    private static function merged(array $broken): Finding
    {
        $worst = $broken[0];
        foreach ($broken as $finding) {
            $worst = $finding->severity->rank() < $worst->severity->rank() ? $finding : $worst;
        }
        $others = array_filter($broken, static fn (Finding $finding): bool => $finding !== $worst);

        return $worst->bringing(...array_values($others));
    }

    private static function finding(Choice $choice, Constraint $constraint, Sizing $sizing): Finding
    {
        [$code, $severity] = self::FINDINGS[$constraint->code];
        $needs = new Quantity($constraint->value, $constraint->unit);
        $has = new Quantity($constraint->limit, $constraint->unit);

        return new Finding(
            $code,
            $severity,
            $choice->id,
            $choice->briefPath,
            figures: [Figure::of('needs', $needs), Figure::of('has', $has)],
            remedies: self::remedies($choice, $sizing),
            reason: Message::of(
                'finding.broken-constraint.reason',
                choice: $choice->name, part: $choice->taken->label(), constraint: $constraint->name(), needs: $needs, has: $has,
                formula: $constraint->formula(),
            ),
        );
    }

    /** @return list<Remedy> */
    private static function remedies(Choice $choice, Sizing $sizing): array
    {
        $fitting = $choice->smallestThatFits();

        return match (true) {
            $choice->foundId !== null => Renewal::remedies($choice->foundId, $sizing),
            $choice->isPinned && $fitting !== null => [Remedy::of('take-part', ["/pinned/{$choice->id}" => null], ['part' => $fitting->label()])],
            $choice->kind === 'earth' => [Remedy::of('earth-at-battery', ['/control/earth' => EarthReturn::Battery->value])],
            ! $choice->isPinned && $choice->kind === 'wire' && $choice->candidates === [] => [Remedy::of('cut-new', [$choice->briefPath => null])],
            ! $choice->isPinned && $choice->kind === 'wire' => self::wireRemedies($choice, $sizing),
            default => [],
        };
    }
}
