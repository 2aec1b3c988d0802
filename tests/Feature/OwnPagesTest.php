<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\TestCase;

/** What pages of other sites can and cannot do here, and what the browser is told about our own. */
final class OwnPagesTest extends TestCase
{
    /** @param  array<string, string>  $headers */
    #[TestWith([['Content-Type' => 'text/plain; x=/json'], 422])]
    #[TestWith([['Content-Type' => 'application/jsonx'], 422])]
    #[TestWith([['Content-Type' => 'multipart/form-data; boundary=/json'], 422])]
    #[TestWith([['Content-Type' => 'application/json', 'Origin' => 'http://elsewhere.example'], 403])]
    #[TestWith([['Content-Type' => 'application/json', 'Origin' => 'null'], 403])]
    #[TestWith([['Content-Type' => 'application/json', 'Sec-Fetch-Site' => 'cross-site'], 403])]
    #[TestWith([['Content-Type' => 'application/json', 'Sec-Fetch-Site' => 'same-site'], 403])]
    #[TestWith([['Content-Type' => 'application/json; charset=utf-8', 'Origin' => 'http://localhost', 'Sec-Fetch-Site' => 'same-origin'], 201])]
    public function test_only_our_own_pages_change_anything(array $headers, int $status): void
    {
        $server = $this->transformHeadersToServerVars($headers);
        $this->call('POST', '/api/jobs', server: $server, content: '{}')->assertStatus($status);
        self::assertSame($status === 201 ? 1 : 0, Job::count());
    }

    public function test_a_request_is_what_its_method_says(): void
    {
        $id = $this->orchard()['id'];
        $body = '{"version":1}';
        $this->call('POST', "/api/jobs/{$id}?_method=DELETE", server: ['CONTENT_TYPE' => 'application/json'], content: $body)->assertStatus(405);
        $this->call(
            'POST', "/api/jobs/{$id}", server: ['CONTENT_TYPE' => 'application/json', 'HTTP_X_HTTP_METHOD_OVERRIDE' => 'DELETE'], content: $body,
        )->assertStatus(405);
        self::assertSame(1, Job::count());
    }

    public function test_a_name_that_was_made_to_point_here_is_not_answered(): void
    {
        $this->getJson('http://rebound.example/api/jobs')->assertStatus(421)->assertJsonPath('problems.0.messages.message.code', 'request.other-name');
        $this->get('http://rebound.example/jobs')->assertStatus(421);
        $this->getJson('http://127.0.0.1/api/jobs')->assertOk();
        $this->getJson('http://[::1]/api/jobs')->assertOk();
    }

    public function test_every_answer_tells_the_browser_to_take_nothing_from_elsewhere(): void
    {
        $this->withoutVite();
        foreach (['/jobs', '/api/jobs', '/api/jobs/none', '/api/nowhere'] as $address) {
            $headers = $this->get($address)->headers;
            $policy = (string) $headers->get('Content-Security-Policy');
            self::assertStringStartsWith("default-src 'none'; script-src 'self'; style-src 'self' 'nonce-", $policy, $address);
            self::assertStringContainsString("frame-ancestors 'none'", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
            self::assertSame(['nosniff', 'DENY', 'no-referrer'], [
                $headers->get('X-Content-Type-Options'), $headers->get('X-Frame-Options'), $headers->get('Referrer-Policy'),
            ]);
        }
    }
}
