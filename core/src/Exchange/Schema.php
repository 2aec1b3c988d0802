<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Message\Problem;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Checks data against the schemas in schema/, and says in a person's words what does not fit. */
final readonly class Schema
{
    public const PREFIX = 'https://lamp-thread.example/schema/';

    private const MOST_ERRORS = 30;

    private Validator $validator;

    public function __construct()
    {
        $this->validator = new Validator(max_errors: self::MOST_ERRORS, stop_at_first_error: false);
        $this->validator->resolver()?->registerPrefix(self::PREFIX, __DIR__.'/../../../schema/');
    }

    /**
     * @param  string  $name  file in schema/ without its ending
     * @param  mixed  $data  decoded JSON, objects as objects
     *
     * @throws InvalidInput
     */
    public function check(string $name, mixed $data): void
    {
        $error = $this->validator->validate($data, self::PREFIX.$name.'.json')->error();
        if ($error !== null) {
            $problems = [];
            foreach (self::leaves($error) as $leaf) {
                foreach (self::problems($leaf) as $problem) {
                    $problems[$problem->at.serialize($problem->message)] = $problem;
                }
            }
            throw new InvalidInput(array_values($problems) ?: [new Problem('', Message::of('input.schema.does-not-fit'))]);
        }
    }

    /** @return iterable<ValidationError> */
    private static function leaves(ValidationError $error): iterable
    {
        if ($error->subErrors() === []) {
            yield $error;
        }
        foreach (self::branches($error) as $sub) {
            yield from self::leaves($sub);
        }
    }

    /**
     * Of several branches, only one of which may fit, those that are meant: the ones whose kind is the one that was told, or whose type it
     * has. Where none is meant, all are.
     *
     * @return array<ValidationError>
     */
    private static function branches(ValidationError $error): array
    {
        if (! in_array($error->keyword(), ['oneOf', 'anyOf'], true)) {
            return $error->subErrors();
        }
        $path = $error->data()->fullPath();
        $meant = array_filter($error->subErrors(), static function (ValidationError $branch) use ($path): bool {
            foreach (self::leaves($branch) as $leaf) {
                $isKind = $leaf->keyword() === 'const' && $leaf->data()->fullPath() === [...$path, 'kind'];
                if ($isKind || ($leaf->keyword() === 'type' && $leaf->data()->fullPath() === $path)) {
                    return false;
                }
            }

            return true;
        });

        // A kind that is none of them is named by the list of kinds beside the branches.
        return $meant === [] && $error->keyword() === 'anyOf' ? array_slice($error->subErrors(), -1, 1, true) : $meant;
    }

    /** @return list<Problem> */
    private static function problems(ValidationError $error): array
    {
        $at = implode('', array_map(
            static fn (string|int $step): string => '/'.str_replace(['~', '/'], ['~0', '~1'], (string) $step),
            $error->data()->fullPath(),
        ));
        $args = $error->args();
        $given = $error->data()->value();

        return match ($error->keyword()) {
            'required' => array_map(
                static fn (string $name): Problem => new Problem("{$at}/{$name}", Message::of('input.missing')),
                array_values((array) ($args['missing'] ?? [])),
            ),
            'additionalProperties' => array_map(
                static fn (string $name): Problem => new Problem("{$at}/{$name}", self::unknownName($name, $error)),
                self::unknown((array) ($args['properties'] ?? []), $error),
            ),
            default => [new Problem($at, self::message($error->keyword(), $error, $args, self::shown($given)))],
        };
    }

    /** @param  array<mixed>  $args */
    private static function message(string $keyword, ValidationError $error, array $args, Message|string $given): Message
    {
        $schema = $error->schema()->info()->data();

        return match ($keyword) {
            'type' => Message::of('input.schema.type', expected: self::listed((array) ($args['expected'] ?? [])), given: $given),
            'enum' => Message::of('input.schema.enum', options: self::listed((array) ($schema->enum ?? [])), given: $given),
            'const' => Message::of('input.schema.const', expected: self::shown($schema->const ?? null), given: $given),
            'minimum' => Message::of('input.schema.minimum', least: self::shown($args['min'] ?? null), given: $given),
            'maximum' => Message::of('input.schema.maximum', most: self::shown($args['max'] ?? null), given: $given),
            'minLength' => Message::of('input.schema.empty'),
            'maxLength' => Message::of('input.too-long', most: self::shown($args['max'] ?? null)),
            'minItems' => Message::of('input.schema.too-few', least: self::shown($args['min'] ?? null)),
            'maxItems' => Message::of('input.schema.too-many', most: self::shown($args['max'] ?? null)),
            'uniqueItems' => Message::of('input.schema.twice'),
            'pattern' => Message::of('input.schema.pattern', given: $given),
            'format' => Message::of('input.schema.day', given: $given),
            'maxProperties' => Message::of('input.schema.too-many', most: self::shown($args['max'] ?? null)),
            default => Message::of('input.schema.other', error: $error->message()),
        };
    }

    /**
     * The validator also lists known properties here when one of them is wrong in itself; that is said elsewhere.
     *
     * @param  array<mixed>  $names
     * @return list<string>
     */
    private static function unknown(array $names, ValidationError $error): array
    {
        $known = (array) ($error->schema()->info()->data()->properties ?? []);

        return array_values(array_filter(array_map(strval(...), $names), static fn (string $name): bool => ! isset($known[$name])));
    }

    private static function unknownName(string $name, ValidationError $error): Message
    {
        $known = array_keys((array) ($error->schema()->info()->data()->properties ?? []));
        $best = null;
        $least = 4;
        foreach ($known as $candidate) {
            $distance = levenshtein(strtolower(substr($name, 0, 100)), strtolower((string) $candidate));
            if ($distance < $least) {
                $least = $distance;
                $best = $candidate;
            }
        }

        return $best === null ? Message::of('input.schema.unknown') : Message::of('input.schema.unknown-nearest', nearest: (string) $best);
    }

    /**
     * @param  array<mixed>  $values
     * @return list<Message|string>
     */
    private static function listed(array $values): array
    {
        return array_values(array_map(static fn (mixed $value): Message|string => is_string($value) ? $value : self::shown($value), $values));
    }

    private static function shown(mixed $value): Message|string
    {
        return match (true) {
            is_string($value) => '‘'.mb_strimwidth($value, 0, 40, '…').'’',
            is_float($value) && ! is_finite($value) => Message::of('input.shown.infinite'),
            is_float($value), is_int($value) => sprintf('%G', $value),
            is_bool($value) => $value ? 'true' : 'false',
            $value === null => 'null',
            is_array($value) => Message::of('input.shown.list'),
            default => Message::of('input.shown.object'),
        };
    }
}
