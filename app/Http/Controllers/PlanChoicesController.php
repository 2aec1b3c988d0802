<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use LampThread\Exchange\PlanPresenter;
use LampThread\Exchange\Wording;

/** What can be asked of a plan; plans themselves are a task of a job. */
final readonly class PlanChoicesController
{
    public function __construct(private Wording $wording) {}

    public function __invoke(): JsonResponse
    {
        return new JsonResponse($this->wording->worded(PlanPresenter::choices()));
    }
}
