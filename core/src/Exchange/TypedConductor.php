<?php

declare(strict_types=1);

namespace LampThread\Exchange;

use LampThread\Brief\Catalogue;
use LampThread\Brief\Unusable;
use LampThread\Shelf\Conductor;
use LampThread\Shelf\Shelf;

/** Reads a wire size as a person types it: `12ga`, `14 AWG`, `16 SAE`, `2.5 mm2`, `4`. */
final readonly class TypedConductor
{
    public function __construct(private Shelf $shelf) {}

    /**
     * @param  string  $catalogue  of the job: tells what a bare number or `ga` means
     * @return string id of the conductor on the shelf
     *
     * @throws Unusable naming the place and the sizes there are
     */
    public function read(string $typed, string $pointer, string $catalogue): string
    {
        if (! preg_match('#^\s*(\d+(?:[.,]\d+)?)(?:/0)?\s*(mm2|mm²|awg|ga|sae|ga sae)?\s*$#ui', $typed, $part)) {
            throw Unusable::because($pointer, "‘{$typed}’ is not a wire size: write 2.5 mm², 14 AWG or 14 SAE.");
        }
        $meant = match (mb_strtolower($part[2] ?? '')) {
            'mm2', 'mm²' => Catalogue::Metric,
            'awg' => Catalogue::Awg,
            'sae', 'ga sae' => Catalogue::Sae,
            'ga' => $catalogue === Catalogue::Sae->value ? Catalogue::Sae : Catalogue::Awg,
            default => Catalogue::from($catalogue),
        };
        $id = $meant->value.'-'.(float) str_replace(',', '.', $part[1]);
        if ($this->shelf->conductor($id) === null) {
            $sizes = array_map(static fn (Conductor $size): string => $size->designation, $this->shelf->catalogue($meant));
            throw Unusable::because($pointer, "‘{$typed}’: the catalogue has ".implode(', ', $sizes).'.');
        }

        return $id;
    }
}
