<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Body;
use App\Http\Requests\PartRequest;
use App\Http\Requests\StepRequest;
use App\Models\Part;
use App\Providers\LampThreadProvider;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
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
    /** Jobs named beside a part that is pinned in more. */
    private const MOST_NAMED = 12;

    public function __construct(private Wording $wording, private Body $body) {}

    public function show(): JsonResponse
    {
        $shelf = LampThreadProvider::shelf();

        return new JsonResponse(ShelfPresenter::of($shelf, self::usedBy(), Part::versions(), Part::unreadable($shelf->gates), $this->wording));
    }

    public function add(Request $request): JsonResponse
    {
        $asked = PartRequest::read($request, $this->body);
        $kind = $asked->kind ?? throw InvalidInput::at('/kind', Message::of('input.must-be-one-of', options: array_column(PartKind::cases(), 'value')));

        return $this->kept(static fn (Shelf $shelf): array => [
            (new PartParser($shelf))->read(OwnPart::idFor($kind, $asked->name, $shelf->own), $kind, $asked->name, $asked->typed),
        ]);
    }

    public function change(Request $request, string $id): JsonResponse
    {
        $asked = PartRequest::read($request, $this->body);

        return $this->kept(static function (Shelf $shelf) use ($asked, $id): array {
            $part = $shelf->own[$id] ?? abort(404);
            Part::query()->findOrFail($id)->checkVersion($asked->version);

            return [(new PartParser($shelf))->read($id, $part->kind, $asked->name, $asked->typed, $asked->isArchived)];
        });
    }

    /** Only where no job has it: others would no longer read. */
    public function remove(Request $request, string $id): JsonResponse
    {
        $version = StepRequest::read($request, $this->body)->version;
        DB::transaction(static function () use ($id, $version): void {
            $part = Part::query()->findOrFail($id);
            $part->checkVersion($version);
            $jobs = DB::table('job_own_parts')->where('part_id', $id)->count();
            if ($jobs > 0) {
                throw InvalidInput::at('', Message::of('input.part.in-use', name: $part->name, jobs: $jobs));
            }
            $part->delete();
        });

        return $this->show();
    }

    public function import(Request $request): JsonResponse
    {
        return $this->kept(static fn (Shelf $shelf): array => (new OwnPartsCsv($shelf))->read($request->getContent()));
    }

    public function export(): Response
    {
        return new Response(OwnPartsCsv::write(LampThreadProvider::shelf()->own), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => 'attachment; filename="own-parts.csv"',
        ]);
    }

    /** @param  Closure(Shelf): list<OwnPart>  $parts  made from the shelf as nobody changes it meanwhile */
    private function kept(Closure $parts): JsonResponse
    {
        DB::transaction(static fn () => Part::keep($parts(LampThreadProvider::shelf())));

        return $this->show();
    }

    /** @return array<string, list<string>> part to the titles of jobs it is pinned in */
    private static function usedBy(): array
    {
        $usedBy = [];
        $rows = DB::table('job_own_parts')->join('jobs', 'jobs.id', '=', 'job_own_parts.job_id')->whereNull('jobs.deleted_at')
            ->orderBy('jobs.title')->get(['job_own_parts.part_id', 'jobs.title']);
        foreach ($rows as $row) {
            $usedBy[$row->part_id][] = $row->title;
        }

        return array_map(static fn (array $titles): array => count($titles) <= self::MOST_NAMED ? $titles
            : [...array_slice($titles, 0, self::MOST_NAMED), 'and '.(count($titles) - self::MOST_NAMED).' more'], $usedBy);
    }
}
