<?php

declare(strict_types=1);

namespace App\People;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use Normalizer;
use Spoofchecker;

/** What someone is called here: one line that nobody takes for another's. */
final readonly class PersonName
{
    private function __construct(public string $text) {}

    /** @throws InvalidInput at `/name` where it cannot be told from another, or not be seen whole */
    public static function of(string $typed): self
    {
        $text = trim((string) preg_replace('/\s+/u', ' ', (string) Normalizer::normalize($typed, Normalizer::FORM_KC)));
        $seen = new Spoofchecker;
        $seen->setChecks(Spoofchecker::SINGLE_SCRIPT | Spoofchecker::INVISIBLE);
        $alike = new Spoofchecker;
        $alike->setChecks(Spoofchecker::SINGLE_SCRIPT_CONFUSABLE | Spoofchecker::MIXED_SCRIPT_CONFUSABLE | Spoofchecker::WHOLE_SCRIPT_CONFUSABLE);
        $isWhole = preg_match('/\p{C}/u', $typed) === 0 && preg_match('/^[\p{L}\p{M}\p{N} .,\'’&()-]+$/u', $text) === 1;
        if (! $isWhole || preg_match('/\p{L}/u', $text) !== 1 || $seen->isSuspicious($text)) {
            throw InvalidInput::at('/name', Message::of('people.name-unclear'));
        }
        foreach (Person::query()->pluck('name') as $other) {
            if (mb_strtolower($other) === mb_strtolower($text) || $alike->areConfusable(mb_strtolower((string) $other), mb_strtolower($text))) {
                throw InvalidInput::at('/name', Message::of('people.name-taken', name: (string) $other));
            }
        }

        return new self($text);
    }
}
