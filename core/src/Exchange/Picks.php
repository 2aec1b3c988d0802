<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Changes;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/**
 * What can be picked in the form of a brief, by names that are the same in every form. A browser sends the name alone: what picking it changes is
 * worked out on the job as it is by then, never on the one the form was drawn from.
 */
final class Picks
{
    /** Whatever tells the entries of a list of the form apart, the surest first. */
    private const NAMES = ['key', 'id', 'zone', 'stage', 'path', 'value'];

    /**
     * @param  array<mixed>  $form  as BriefForm has it
     * @return array<mixed> the same with names in the place of changes, as schema/form.json has it
     */
    public static function named(array $form): array
    {
        return self::walked($form, '', static fn (): null => null);
    }

    /**
     * @param  array<mixed>  $form  as BriefForm has it
     *
     * @throws InvalidInput where the job has no such choice any more
     */
    public static function changes(array $form, string $pick): Changes
    {
        $found = null;
        self::walked($form, '', static function (string $name, array $changes) use ($pick, &$found): void {
            $found = $name === $pick ? $changes : $found;
        });

        return Changes::of($found ?? throw InvalidInput::at('', Message::of('input.no-such-pick')));
    }

    /**
     * @param  array<mixed>  $node
     * @param  \Closure(string, array<string, mixed>): mixed  $each  told every name and what it changes
     * @return array<mixed>
     */
    private static function walked(array $node, string $at, \Closure $each): array
    {
        $named = [];
        foreach ($node as $key => $value) {
            if ($key === 'changes') {
                $named['pick'] = self::name($at, $value, $each);
                $named['path'] = (string) array_key_first((array) $value);
            } elseif ($key === 'remove') {
                $named['remove'] = self::name("{$at}/remove", $value, $each);
            } elseif ($key !== 'key') {
                $named[$key] = is_array($value) ? self::walked($value, $at.'/'.self::nameOf($key, $value), $each) : $value;
            }
        }

        return $named;
    }

    /** @param  \Closure(string, array<string, mixed>): mixed  $each */
    private static function name(string $name, mixed $changes, \Closure $each): ?string
    {
        if ($changes === null) {
            return null;
        }
        $each($name, (array) $changes);

        return $name;
    }

    /** @param  array<mixed>  $entry */
    private static function nameOf(int|string $key, array $entry): string
    {
        foreach (is_int($key) ? self::NAMES : [] as $name) {
            if (is_string($entry[$name] ?? null)) {
                return $entry[$name];
            }
        }

        return (string) $key;
    }
}
