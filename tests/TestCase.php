<?php

declare(strict_types=1);

namespace Tests;

use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as FrameworkTestCase;
use Illuminate\Support\Facades\Route;
use LampThread\Exchange\Schema;
use LampThread\Tests\Orchard;

abstract class TestCase extends FrameworkTestCase
{
    use RefreshDatabase;

    /** The mocking library for it is not in this registry, and real output is the better test. */
    public $mockConsoleOutput = false;

    /**
     * Imports the demo's Orchard sprayer.
     *
     * @return array<string, mixed> the saved job
     */
    protected function orchard(): array
    {
        return $this->postText('/api/jobs/import', (string) file_get_contents(Orchard::PATH))->assertCreated()->json();
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    protected function postText(string $uri, string $text): \Illuminate\Testing\TestResponse
    {
        return $this->call('POST', $uri, server: ['CONTENT_TYPE' => 'application/json'], content: $text);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    protected function postCsv(string $uri, string $csv): \Illuminate\Testing\TestResponse
    {
        return $this->call('POST', $uri, server: ['CONTENT_TYPE' => 'text/csv'], content: $csv);
    }

    /** As in a server each request begins without what the last one made. */
    protected function startAnew(): void
    {
        $this->app?->forgetScopedInstances();
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $route->flushController();
        }
    }

    protected function assertFits(string $schema, string $json): void
    {
        (new Schema)->check($schema, json_decode($json));
        $this->addToAssertionCount(1);
    }
}
