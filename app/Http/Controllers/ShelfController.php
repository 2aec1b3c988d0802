<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Part;
use App\Providers\LampThreadProvider;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LampThread\Brief\Unusable;
use LampThread\Exchange\OwnPartsCsv;
use LampThread\Exchange\ShelfAnswer;
use LampThread\Exchange\TypedPart;
use LampThread\Shelf\OwnPart;
use LampThread\Shelf\PartKind;
use LampThread\Shelf\Shelf;

final readonly class ShelfController
{
    public function __construct(private Shelf $shelf) {}

    public function show(): JsonResponse
    {
        return self::answer($this->shelf);
    }

    public function add(Request $request): JsonResponse
    {
        $kind = PartKind::tryFrom((string) $request->string('kind'));
        if ($kind === null) {
            throw Unusable::because('/kind', 'must be one of '.implode(', ', array_column(PartKind::cases(), 'value')).'.');
        }
        $name = (string) $request->string('name');

        return $this->kept([$this->typed($request, OwnPart::idFor($kind, $name, $this->shelf->own), $kind, $name)]);
    }

    public function change(Request $request, string $id): JsonResponse
    {
        $part = $this->own($id);

        return $this->kept([$this->typed($request, $id, $part->kind, (string) $request->string('name'), $request->boolean('isArchived'))]);
    }

    public function import(Request $request): JsonResponse
    {
        return $this->kept((new OwnPartsCsv($this->shelf))->read($request->getContent()));
    }

    public function export(): Response
    {
        return new Response(OwnPartsCsv::write($this->shelf->own), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="own-parts.csv"',
        ]);
    }

    private function own(string $id): OwnPart
    {
        return $this->shelf->own[$id] ?? abort(404);
    }

    private function typed(Request $request, string $id, PartKind $kind, string $name, bool $isArchived = false): OwnPart
    {
        $typed = $request->input('typed', []);
        if (! is_array($typed) || array_filter($typed, is_string(...)) !== $typed) {
            throw Unusable::because('/typed', 'must name ratings and the texts typed for them.');
        }

        return (new TypedPart($this->shelf))->read($id, $kind, $name, $typed, $isArchived);
    }

    /** @param  list<OwnPart>  $parts */
    private function kept(array $parts): JsonResponse
    {
        Part::keep($parts);

        return self::answer(LampThreadProvider::shelf());
    }

    private static function answer(Shelf $shelf): JsonResponse
    {
        $usedBy = [];
        foreach (Job::all() as $job) {
            $file = $job->file();
            foreach (array_unique($file['pinned'] ?? []) as $part) {
                $usedBy[$part][] = $file['job']['title'];
            }
        }

        return new JsonResponse(ShelfAnswer::of($shelf, $usedBy));
    }
}
