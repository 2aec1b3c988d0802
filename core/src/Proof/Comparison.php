<?php

declare(strict_types=1);

namespace LampThread\Proof;

/** What got better and what got worse from one version of a design to another. */
final readonly class Comparison
{
    /**
     * @param  list<array{what: string, was: string, is: string}>  $better
     * @param  list<array{what: string, was: string, is: string}>  $worse
     */
    private function __construct(public array $better, public array $worse) {}

    public static function of(Proof $before, Proof $after): self
    {
        $better = [];
        $worse = [];
        $note = static function (string $what, string $was, string $is, int $by) use (&$better, &$worse): void {
            if ($by < 0) {
                $better[] = ['what' => $what, 'was' => $was, 'is' => $is];
            } elseif ($by > 0) {
                $worse[] = ['what' => $what, 'was' => $was, 'is' => $is];
            }
        };
        [$old, $new] = [self::findings($before), self::findings($after)];
        foreach (array_diff_key($old, $new) as $finding) {
            $note($finding->title, $finding->severity->value, 'gone', -1);
        }
        foreach (array_diff_key($new, $old) as $finding) {
            $note($finding->title, 'not there', $finding->severity->value, 1);
        }
        [$old, $new] = [self::failing($before), self::failing($after)];
        foreach ($new as $words => $fails) {
            $was = $old[$words] ?? null;
            $note($words, $was === null ? 'not asked' : "fails in {$was} states", "fails in {$fails} states", $fails <=> ($was ?? 0));
        }
        $order = array_flip(array_column(Harm::cases(), 'value'));
        [$old, $new] = [self::harms($before), self::harms($after)];
        foreach ($new as $fault => $harm) {
            if (isset($old[$fault])) {
                // Worst comes first.
                $note($fault, $old[$fault], $harm, $order[$old[$fault]] <=> $order[$harm]);
            }
        }

        return new self($better, $worse);
    }

    /** @return array<string, Finding> */
    private static function findings(Proof $proof): array
    {
        $findings = [];
        foreach ($proof->findings as $finding) {
            $findings["{$finding->code}/{$finding->subject}"] = $finding;
        }

        return $findings;
    }

    /** @return array<string, int> what must hold to the states it does not hold in */
    private static function failing(Proof $proof): array
    {
        $failing = [];
        foreach ($proof->behaviours as $row) {
            $failing[$row->behaviour->words] = (int) array_sum(array_column($row->cells, 'asked')) - (int) array_sum(array_column($row->cells, 'held'));
        }

        return $failing;
    }

    /** @return array<string, string> fault in words to what it does at its worst */
    private static function harms(Proof $proof): array
    {
        $harms = [];
        foreach ($proof->faults as $fault) {
            $component = $proof->sizing->circuit->components[$fault->part] ?? null;
            $harms[($component === null ? $fault->part : $component->name).', '.$fault->kind->words()] = $fault->harm->value;
        }

        return $harms;
    }
}
