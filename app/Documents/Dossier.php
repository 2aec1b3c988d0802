<?php

declare(strict_types=1);

namespace App\Documents;

use App\Design\Design;
use App\Handover\Workshop;
use Illuminate\Contracts\View\Factory;
use LampThread\Brief\JobNotes;
use LampThread\Exchange\SetPointCard;
use LampThread\Exchange\ThreadsSvg;
use LampThread\Exchange\Wording;
use LampThread\Road\Vehicle;

/** Everything about a job that someone needs who services it in ten years, as one PDF: black on white, heads of tables repeated, no row split. */
final readonly class Dossier
{
    /** What is free below a heading, on the smaller of both papers, mm. */
    private const PAGE_MM = [178.0, 215.0];

    public function __construct(private Factory $views, private Wording $wording) {}

    /**
     * @param  array<string, mixed>  $standing  worded, as schema/handover.json has it
     * @param  array<string, mixed>|null  $comparison  worded, as schema/log-comparison.json has it; null where there are no two logs
     * @param  string  $size  one of Paper::SIZES
     * @param  string  $printed  the day
     * @param  JobNotes  $about  as far as it is for whoever prints it
     */
    public function pdf(Design $design, array $standing, ?array $comparison, int $version, string $size, string $printed, JobNotes $about, Workshop $workshop): string
    {
        $standing = json_decode(json_encode($standing, JSON_THROW_ON_ERROR), true);
        $answer = json_decode($design->answer(), true);
        $notes = array_values(array_filter($standing['records'], static fn (array $record): bool => in_array($record['kind'], ['note', 'complaint', 'stage'], true)));
        $signed = array_values(array_filter($standing['records'], static fn (array $record): bool => $record['kind'] === 'sign-off'));
        $html = $this->views->make('dossier', [
            'design' => $answer, 'standing' => $standing, 'readings' => $standing['readings'], 'version' => $version,
            'printed' => $printed, 'about' => $about, 'drawing' => $drawing = ThreadsSvg::of($design->sizing(), $this->wording),
            'workshop' => $workshop,
            'drawingMm' => self::widthMm($drawing),
            'card' => $this->wording->worded(SetPointCard::of(Vehicle::of($design->sizing()))),
            'because' => array_map(fn (array $choice): string => self::because($choice), array_column($answer['choices'], null, 'id')),
            'findings' => json_decode($design->proofAnswer(), true)['findings'], 'notes' => array_reverse($notes), 'comparison' => $comparison, 'signed' => $signed[0] ?? null,
        ])->render();

        return Paper::pdf($html, $size, $about->title);
    }

    /** As wide as the page, or as narrow as it must be to stand on one. */
    private static function widthMm(string $svg): float
    {
        [$width, $height] = preg_match('/width="(\d+)" height="(\d+)"/', $svg, $found) === 1 ? [(float) $found[1], (float) $found[2]] : [1.0, 1.0];

        return min(self::PAGE_MM[0], self::PAGE_MM[1] * $width / $height);
    }

    /** @param  array<string, mixed>  $choice */
    private static function because(array $choice): string
    {
        foreach ($choice['constraints'] as $constraint) {
            if ($constraint['code'] === $choice['deciding']) {
                return "{$constraint['name']}: {$constraint['formula']}";
            }
        }

        return (string) ($choice['because'] ?? '');
    }
}
