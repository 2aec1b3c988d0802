<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Plans\Asked;
use LampThread\Plans\Complaint;
use LampThread\Plans\Question;
use LampThread\Plans\Strength;
use LampThread\Plans\Wish;

/** Reads what a plan is asked for: fits schema/plan-request.json. */
final class PlanReader
{
    /**
     * @param  array<string, mixed>  $asked
     *
     * @throws InvalidInput for what there is not, and wishes that contradict each other by themselves
     */
    public static function read(array $asked): Asked
    {
        $complaints = array_map(static fn (mixed $one): Complaint => Complaint::tryFrom((string) $one)
            ?? throw InvalidInput::at('/complaints', self::unknown((string) $one, array_column(Complaint::cases(), 'value'))), $asked['complaints'] ?? []);
        $wishes = [];
        foreach ($asked['wishes'] ?? [] as $wish => $strength) {
            $known = Wish::tryFrom((string) $wish) ?? throw InvalidInput::at('/wishes', self::unknown((string) $wish, array_column(Wish::cases(), 'value')));
            $wishes[$known->value] = Strength::tryFrom((string) $strength)
                ?? throw InvalidInput::at("/wishes/{$wish}", self::unknown((string) $strength, array_column(Strength::cases(), 'value')));
        }
        $switchedBy = (string) ($asked['switchedBy'] ?? 'nothing');
        if (! in_array($switchedBy, Asked::SWITCHED_BY, true)) {
            throw InvalidInput::at('/switchedBy', self::unknown($switchedBy, Asked::SWITCHED_BY));
        }
        $compressor = (string) ($asked['compressor'] ?? 'none');
        if (! in_array($compressor, Asked::COMPRESSORS, true)) {
            throw InvalidInput::at('/compressor', self::unknown($compressor, Asked::COMPRESSORS));
        }
        if ($compressor === 'none' && ($wishes[Wish::AirConditioningCovered->value] ?? null) === Strength::Must) {
            throw InvalidInput::at('/wishes/air-conditioning-covered', Message::of('input.plan.no-compressor'));
        }

        $question = new Question(array_values(array_unique($complaints, SORT_REGULAR)), $wishes, $asked['mostCost'] ?? null, $asked['mostHours'] ?? null);

        return new Asked($question, $switchedBy, $compressor);
    }

    /** @param  list<string>  $known */
    private static function unknown(string $given, array $known): Message
    {
        return Message::of('input.plan.unknown', given: $given, known: $known);
    }
}
