<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\Http\Requests\PartRequest;
use App\Models\Job;
use App\Models\Part;
use App\Providers\LampThreadProvider;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use LampThread\Exchange\OwnPartsCsv;
use LampThread\Exchange\PartParser;
use LampThread\Exchange\ShelfPresenter;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Parts\OwnPart;
use LampThread\Parts\PartKind;
use LampThread\Parts\Shelf;

final readonly class ShelfController
{
    public function __construct(private Shelf $shelf, private Wording $wording, private Body $body) {}

    public function show(): JsonResponse
    {
        return $this->answer($this->shelf);
    }

    public function add(Request $request): JsonResponse
    {
        $asked = PartRequest::read($request, $this->body);
        $kind = $asked->kind ?? throw InvalidInput::at('/kind', Message::of('input.must-be-one-of', options: array_column(PartKind::cases(), 'value')));
        $id = OwnPart::idFor($kind, $asked->name, $this->shelf->own);

        return $this->kept([(new PartParser($this->shelf))->read($id, $kind, $asked->name, $asked->typed)]);
    }

    public function change(Request $request, string $id): JsonResponse
    {
        $part = $this->shelf->own[$id] ?? abort(404);
        $asked = PartRequest::read($request, $this->body);

        return $this->kept([(new PartParser($this->shelf))->read($id, $part->kind, $asked->name, $asked->typed, $asked->isArchived)]);
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

    /** @param  list<OwnPart>  $parts */
    private function kept(array $parts): JsonResponse
    {
        Part::keep($parts);

        return $this->answer(LampThreadProvider::shelf());
    }

    private function answer(Shelf $shelf): JsonResponse
    {
        $usedBy = [];
        foreach (Job::all() as $job) {
            $file = $job->file();
            $pinned = is_array($file['pinned'] ?? null) ? array_filter($file['pinned'], is_string(...)) : [];
            foreach (array_unique($pinned) as $part) {
                $usedBy[$part][] = (string) ($file['job']['title'] ?? '');
            }
        }

        return new JsonResponse(ShelfPresenter::of($shelf, $usedBy, $this->wording));
    }
}
