<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Parts\CableCatalogue;
use LampThread\Parts\Conductor;
use LampThread\Parts\Shelf;

/** Reads a wire size as a person types it: `12ga`, `14 AWG`, `16 SAE`, `2.5 mm2`, `4`. */
final readonly class ConductorParser
{
    public function __construct(private Shelf $shelf) {}

    /**
     * @param  string  $catalogue  of the job: tells what a bare number or `ga` means
     * @return string id of the conductor on the shelf
     *
     * @throws InvalidInput naming the place and the sizes there are
     */
    public function read(string $typed, string $pointer, string $catalogue): string
    {
        if (! preg_match('#^\s*(\d+(?:[.,]\d+)?)(?:/0)?\s*(mm2|mm²|awg|ga|sae|ga sae)?\s*$#ui', $typed, $part)) {
            throw InvalidInput::at($pointer, Message::of('input.not-a-wire-size', given: $typed));
        }
        $meant = match (mb_strtolower($part[2] ?? '')) {
            'mm2', 'mm²' => CableCatalogue::Metric,
            'awg' => CableCatalogue::Awg,
            'sae', 'ga sae' => CableCatalogue::Sae,
            'ga' => $catalogue === CableCatalogue::Sae->value ? CableCatalogue::Sae : CableCatalogue::Awg,
            default => CableCatalogue::from($catalogue),
        };
        $id = $meant->value.'-'.(float) str_replace(',', '.', $part[1]);
        if ($this->shelf->conductor($id) === null) {
            $sizes = array_map(static fn (Conductor $size): string => $size->designation, $this->shelf->catalogue($meant));
            throw InvalidInput::at($pointer, Message::of('input.no-such-wire-size', given: $typed, sizes: $sizes));
        }

        return $id;
    }
}
