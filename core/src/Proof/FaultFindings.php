<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Circuit\Component\FaultKind;
use LampThread\Message\Message;
use LampThread\Message\Unit;
use LampThread\Proof\Finding\Figure;
use LampThread\Proof\Finding\Finding;
use LampThread\Proof\Finding\Severity;
use LampThread\Sizing\Sizing;

/**
 * What single faults say against a design. Each fault that burns, strands or damages something is in exactly one finding, by what it does,
 * or is excused by name.
 */
final readonly class FaultFindings
{
    /** Parts named in one finding at most. */
    private const MOST_NAMED = 12;

    /** @var array<string, non-empty-list<FaultOutcome>> code of the finding to those it is about, worst first */
    private array $faults;

    /** @param  list<FaultOutcome>  $faults  worst first */
    public function __construct(private Sizing $sizing, array $faults)
    {
        $byCode = [];
        foreach ($faults as $fault) {
            $code = self::code($fault);
            if ($code !== null && self::excuse($fault, $sizing) === null) {
                $byCode[$code][] = $fault;
            }
        }
        $this->faults = $byCode;
    }

    /** @return list<Finding> */
    public function all(): array
    {
        $findings = [];
        foreach ($this->faults as $code => $faults) {
            $findings[] = $this->finding($code, $faults);
        }

        return $findings;
    }

    /** Why a fault that does such harm raises no finding; null where it raises one, or does no such harm. */
    public static function excuse(FaultOutcome $fault, Sizing $sizing): ?Excuse
    {
        return self::code($fault) === null ? null : Excuse::of($fault, $sizing);
    }

    /** The finding a fault leads to where nothing excuses it; null for one that does no such harm. */
    public static function code(FaultOutcome $fault): ?string
    {
        return match ($fault->harm) {
            Harm::Fire => $fault->kind === FaultKind::Jammed ? 'jammed-fan-burns' : 'fault-fire-side',
            Harm::Stranded => 'single-points-of-failure',
            Harm::Damage => 'fault-damages',
            Harm::LessCooling, Harm::Drains, Harm::Silent, Harm::Noticed, Harm::Harmless => null,
        };
    }

    /** @param  non-empty-list<FaultOutcome>  $faults */
    private function finding(string $code, array $faults): Finding
    {
        $worst = $faults[0];
        $parts = array_values(array_unique(array_map(fn (FaultOutcome $fault): string => $this->sizing->circuit->components[$fault->part]->mark ?? $fault->part, $faults)));

        return new Finding(
            $code,
            $worst->harm === Harm::Fire && $worst->kind !== FaultKind::Jammed ? Severity::Warning : Severity::Note,
            $worst->part,
            '/control',
            [
                'part' => $parts[0],
                'kind' => Message::of("fault-kind.{$worst->kind->value}"),
                // Of a fan held fast what burns; what follows for the cooling stands in the table.
                'effects' => Message::of('sentences', sentences: $worst->kind === FaultKind::Jammed ? array_slice($worst->effects, 0, 1) : $worst->effects),
                'parts' => array_slice($parts, 0, self::MOST_NAMED),
                'hasMore' => count($parts) > self::MOST_NAMED,
            ],
            [$worst->harm === Harm::Stranded ? Figure::of('parts-and-wires', Unit::One->of(count($parts))) : Figure::of('such-faults', Unit::One->of(count($faults)))],
            shownBy: $worst->shownBy,
            faults: [$worst->part => $worst->kind->value],
        );
    }
}
