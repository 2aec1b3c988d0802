<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\JobAnswer;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LampThread\Brief\Unusable;
use LampThread\Circuit\Circuit;
use LampThread\Electrics\Faults;
use LampThread\Electrics\Setting;
use LampThread\Electrics\Solver;
use LampThread\Exchange\BenchAnswer;

final readonly class BenchController
{
    public function __construct(private JobAnswer $answer) {}

    public function settle(Request $request, Job $job): JsonResponse
    {
        $set = $request->input('set', []);
        $memory = $request->input('memory', []);
        $faults = $request->input('faults', []);
        if (! is_array($set) || ! is_array($memory) || ! is_array($faults)) {
            throw Unusable::because('/set', 'must name the inputs and their values.');
        }
        $circuit = $this->answer->circuit($job);
        $setting = Setting::read($set, $circuit->positions(), $memory)->with(Faults::read($faults, $circuit));

        return new JsonResponse(BenchAnswer::of((new Solver($circuit))->settle($setting), $this->leads($request, $circuit)));
    }

    /** @return array{string, string}|null */
    private function leads(Request $request, Circuit $circuit): ?array
    {
        $leads = $request->input('leads');
        if ($leads === null) {
            return null;
        }
        $terminals = $circuit->terminals();
        if (! is_array($leads) || count($leads) !== 2 || array_diff($leads, $terminals) !== []) {
            throw Unusable::because('/leads', 'must be two terminals of this circuit.');
        }

        return [(string) $leads[0], (string) $leads[1]];
    }
}
