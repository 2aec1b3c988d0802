<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Problem;
use LampThread\Brief\Unusable;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Checks data against the schemas in schema/, and says in a person's words what does not fit. */
final readonly class Schema
{
    private const PREFIX = 'https://lamp-thread.example/schema/';

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
     * @throws Unusable
     */
    public function check(string $name, mixed $data): void
    {
        $error = $this->validator->validate($data, self::PREFIX.$name.'.json')->error();
        if ($error !== null) {
            $problems = [];
            foreach (self::leaves($error) as $leaf) {
                foreach (self::problems($leaf) as $problem) {
                    $problems[$problem->line()] = $problem;
                }
            }
            throw new Unusable(array_values($problems) ?: [new Problem('', 'does not fit its schema.')]);
        }
    }

    /** @return iterable<ValidationError> */
    private static function leaves(ValidationError $error): iterable
    {
        if ($error->subErrors() === []) {
            yield $error;
        }
        foreach ($error->subErrors() as $sub) {
            yield from self::leaves($sub);
        }
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
                static fn (string $name): Problem => new Problem("{$at}/{$name}", 'is missing.'),
                array_values((array) ($args['missing'] ?? [])),
            ),
            'additionalProperties' => array_map(
                static fn (string $name): Problem => new Problem("{$at}/{$name}", 'is not known here'.self::nearest($name, $error).'.'),
                self::unknown((array) ($args['properties'] ?? []), $error),
            ),
            default => [new Problem($at, match ($error->keyword()) {
                'type' => 'must be '.self::listed((array) ($args['expected'] ?? [])).', not '.self::show($given).'.',
                'enum' => 'must be one of '.self::listed((array) ($error->schema()->info()->data()->enum ?? [])).', not '.self::show($given).'.',
                'const' => 'must be '.self::show($error->schema()->info()->data()->const ?? null).', not '.self::show($given).'.',
                'minimum' => 'must be at least '.self::show($args['min'] ?? null).', not '.self::show($given).'.',
                'maximum' => 'must be at most '.self::show($args['max'] ?? null).', not '.self::show($given).'.',
                'minLength' => 'must not be empty.',
                'maxLength' => 'is longer than '.self::show($args['max'] ?? null).' characters.',
                'minItems' => 'needs at least '.self::show($args['min'] ?? null).' entry.',
                'maxItems' => 'has more than '.self::show($args['max'] ?? null).' entries.',
                'uniqueItems' => 'names the same thing twice.',
                'pattern' => 'must be small letters, digits and dashes, not '.self::show($given).'.',
                default => 'does not fit: '.$error->message().'.',
            })],
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

    private static function nearest(string $name, ValidationError $error): string
    {
        $known = array_keys((array) ($error->schema()->info()->data()->properties ?? []));
        $best = null;
        $least = 4;
        foreach ($known as $candidate) {
            $distance = levenshtein(strtolower($name), strtolower((string) $candidate));
            if ($distance < $least) {
                $least = $distance;
                $best = $candidate;
            }
        }

        return $best === null ? '' : " (did you mean ‘{$best}’?)";
    }

    /** @param  array<mixed>  $values */
    private static function listed(array $values): string
    {
        return implode(' or ', array_map(static fn (mixed $value): string => is_string($value) ? $value : self::show($value), $values));
    }

    private static function show(mixed $value): string
    {
        return match (true) {
            is_string($value) => '‘'.mb_strimwidth($value, 0, 40, '…').'’',
            is_float($value) && ! is_finite($value) => 'a number past all bounds',
            is_float($value), is_int($value) => sprintf('%G', $value),
            is_bool($value) => $value ? 'true' : 'false',
            $value === null => 'null',
            is_array($value) => 'a list',
            default => 'an object',
        };
    }
}
