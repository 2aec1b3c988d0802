<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\Message;
use LampThread\Message\Problem;
use LampThread\Message\Quantity;

/**
 * Turns what presenters build into what goes out as JSON: wherever a value is a message its English text stands there, and its code and
 * parameters stand beside it under `messages`, so that a reader may say it in another language and in other units.
 */
final readonly class Wording
{
    private const MOST_PROBLEMS = 50;

    private const LONGEST_PLACE = 200;

    private const LONGEST_ECHO = 120;

    public function __construct(private MessageCatalogue $catalogue) {}

    public static function english(): self
    {
        return new self(MessageCatalogue::english());
    }

    public function text(Message $message): string
    {
        return $this->catalogue->text($message);
    }

    /** ‘/fans/0/runA: must be …’, as the command line prints it. */
    public function line(Problem $problem): string
    {
        return ($problem->at === '' ? $this->text(Message::of('input.the-file')) : $problem->at).': '.$this->text(self::shortened($problem->message));
    }

    /**
     * @param  non-empty-list<Problem>  $problems
     * @return list<array<string, mixed>> the first of them, and how many more there are
     */
    public function problems(array $problems): array
    {
        $shown = array_slice($problems, 0, self::MOST_PROBLEMS);
        if (count($problems) > count($shown)) {
            $shown[] = new Problem('', Message::of('input.more-problems', more: count($problems) - count($shown)));
        }

        return array_map(fn (Problem $problem): array => $this->worded([
            'at' => mb_strimwidth($problem->at, 0, self::LONGEST_PLACE, '…'), 'message' => self::shortened($problem->message),
        ]), $shown);
    }

    /** What came in is repeated only as far as it takes to find it again. */
    private static function shortened(Message $message): Message
    {
        return Message::of($message->code, ...array_map(
            static fn (mixed $param): mixed => is_string($param) ? mb_strimwidth($param, 0, self::LONGEST_ECHO, '…') : $param, $message->params,
        ));
    }

    /**
     * @param  array<mixed>  $data  lists and maps of scalars, objects without messages, messages and the same again
     * @return array<mixed>
     */
    public function worded(array $data): array
    {
        $worded = [];
        $messages = [];
        foreach ($data as $key => $value) {
            if ($value instanceof Message) {
                $worded[$key] = $this->text($value);
                $messages[$key] = self::plain($value);
            } elseif (! is_array($value) || $value === []) {
                $worded[$key] = $value;
            } elseif (is_string($key) && self::isOfMessages($value)) {
                $worded[$key] = array_map(fn (Message|string $one): string => is_string($one) ? $one : $this->text($one), $value);
                $messages[$key] = array_map(static fn (Message|string $one): array => self::plain(is_string($one) ? Message::verbatim($one) : $one), $value);
            } else {
                $worded[$key] = $this->worded($value);
            }
        }
        if ($messages !== [] && ! array_is_list($data)) {
            $worded['messages'] = $messages;
        }

        return $worded;
    }

    /** @param  array<mixed>  $value */
    private static function isOfMessages(array $value): bool
    {
        if (! array_is_list($value)) {
            return false;
        }
        $hasMessage = false;
        foreach ($value as $one) {
            if (! $one instanceof Message && ! is_string($one)) {
                return false;
            }
            $hasMessage = $hasMessage || $one instanceof Message;
        }

        return $hasMessage;
    }

    /** @return array{code: string, params: object} */
    private static function plain(Message $message): array
    {
        return ['code' => $message->code, 'params' => (object) array_map(self::param(...), $message->params)];
    }

    private static function param(mixed $value): mixed
    {
        return match (true) {
            $value instanceof Message => self::plain($value),
            $value instanceof Quantity => ['value' => $value->value, 'unit' => $value->unit->value],
            is_array($value) => array_map(self::param(...), $value),
            default => $value,
        };
    }
}
