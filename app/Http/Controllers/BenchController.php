<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\BenchRequest;
use App\Http\Requests\Body;
use App\Http\SavedJob;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LampThread\Circuit\Circuit;
use LampThread\Exchange\BenchPresenter;
use LampThread\Exchange\ConditionsReader;
use LampThread\Exchange\FaultsReader;
use LampThread\Exchange\Wording;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;
use LampThread\Operation\Solver;

final readonly class BenchController
{
    public function __construct(private SavedJob $saved, private Wording $wording, private Body $body) {}

    public function settle(Request $request, Job $job): JsonResponse
    {
        $asked = BenchRequest::read($request, $this->body);
        $circuit = $this->saved->design($job)->circuit();
        $conditions = ConditionsReader::read($asked->set, $circuit->positions(), $asked->memory)->withFaults(FaultsReader::read($asked->faults, $circuit));

        return new JsonResponse(BenchPresenter::of((new Solver($circuit))->settle($conditions), $this->wording, self::checked($asked->leads, $circuit)));
    }

    /**
     * @param  array{string, string}|null  $leads
     * @return array{string, string}|null
     */
    private static function checked(?array $leads, Circuit $circuit): ?array
    {
        if ($leads !== null && array_diff($leads, $circuit->terminals()) !== []) {
            throw InvalidInput::at('/leads', Message::of('input.not-terminals'));
        }

        return $leads;
    }
}
