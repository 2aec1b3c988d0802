<?php

declare(strict_types=1);

namespace LampThread\Proof;

use LampThread\Message\Message;
use LampThread\Proof\Finding\Finding;

/** What a change made better and what it made worse. */
final readonly class Comparison
{
    /**
     * @param  list<Difference>  $better
     * @param  list<Difference>  $worse
     */
    private function __construct(public array $better, public array $worse) {}

    public static function of(ProofSummary $before, ProofSummary $after): self
    {
        $differences = [...self::findings($before, $after), ...self::behaviours($before, $after), ...self::faults($before, $after)];

        return new self(
            array_values(array_filter($differences, static fn (Difference $one): bool => $one->isBetter)),
            array_values(array_filter($differences, static fn (Difference $one): bool => ! $one->isBetter)),
        );
    }

    /** @return list<Difference> */
    private static function findings(ProofSummary $before, ProofSummary $after): array
    {
        $gone = array_map(static fn (Finding $one): Difference => new Difference(
            true, $one->title(), Message::of("severity.{$one->severity->value}"), Message::of('comparison.gone'),
        ), array_values(array_diff_key($before->findings, $after->findings)));
        $come = array_map(static fn (Finding $one): Difference => new Difference(
            false, $one->title(), Message::of('comparison.not-there'), Message::of("severity.{$one->severity->value}"),
        ), array_values(array_diff_key($after->findings, $before->findings)));

        return [...$gone, ...$come];
    }

    /** @return list<Difference> */
    private static function behaviours(ProofSummary $before, ProofSummary $after): array
    {
        $differences = [];
        foreach ($after->fails as $id => $fails) {
            $was = $before->fails[$id] ?? null;
            if ($fails !== ($was ?? 0)) {
                $differences[] = new Difference(
                    $fails < ($was ?? 0),
                    Message::of("behaviour.{$id}"),
                    $was === null ? Message::of('comparison.not-asked') : Message::of('comparison.fails-in', states: $was),
                    Message::of('comparison.fails-in', states: $fails),
                );
            }
        }

        return $differences;
    }

    /** @return list<Difference> */
    private static function faults(ProofSummary $before, ProofSummary $after): array
    {
        $differences = [];
        foreach ($after->harms as $fault => $harm) {
            $was = $before->harms[$fault] ?? $harm;
            if ($was !== $harm) {
                $differences[] = new Difference(
                    $harm->rank() > $was->rank(), $after->names[$fault], Message::of("harm.{$was->value}"), Message::of("harm.{$harm->value}"),
                );
            }
        }

        return $differences;
    }
}
