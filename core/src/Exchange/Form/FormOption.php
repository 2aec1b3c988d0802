<?php

declare(strict_types=1);

namespace LampThread\Exchange\Form;

use LampThread\Message\Message;

/** One answer that can be picked, and what picking it changes. */
final class FormOption
{
    /**
     * @param  string  $of  what it answers, and its id, in the codes of its texts
     * @param  array<string, mixed>  $changes  place of the job file to its new value
     * @return array<string, mixed>
     */
    public static function of(string $of, string $id, array $changes): array
    {
        return [
            'value' => $id,
            'label' => Message::of("option.{$of}.{$id}.label"),
            'fits' => Message::of("option.{$of}.{$id}.fits"),
            'changes' => (object) $changes,
        ];
    }
}
