<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\JobAnswer;
use App\Models\Job;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use LampThread\Brief\Unusable;
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
        if (! is_array($set) || ! is_array($memory)) {
            throw Unusable::because('/set', 'must name the inputs and their values.');
        }
        $circuit = $this->answer->sizing($job)->circuit;
        $setting = Setting::read($set, $circuit->positions(), $memory);

        return new JsonResponse(BenchAnswer::of((new Solver($circuit))->settle($setting)));
    }
}
