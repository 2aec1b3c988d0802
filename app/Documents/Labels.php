<?php

declare(strict_types=1);

namespace App\Documents;

use App\Design\Design;
use Illuminate\Contracts\View\Factory;

/** Two labels for each wire, one for either end, on sheets of three by eight. */
final readonly class Labels
{
    private const ACROSS = 3;

    public function __construct(private Factory $views) {}

    /** @param  string  $size  one of Paper::SIZES */
    public function pdf(Design $design, string $size): string
    {
        $labels = [];
        foreach (json_decode($design->answer(), true)['wires'] as $wire) {
            $about = ['id' => $wire['id'], 'colour' => $wire['colour'], 'size' => $wire['size']];
            array_push($labels, [...$about, 'here' => $wire['from'], 'there' => $wire['to']], [...$about, 'here' => $wire['to'], 'there' => $wire['from']]);
        }

        return Paper::pdf($this->views->make('labels', ['rows' => array_chunk($labels, self::ACROSS)])->render(), $size, null);
    }
}
