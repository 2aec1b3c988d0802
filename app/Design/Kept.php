<?php

declare(strict_types=1);

namespace App\Design;

use Illuminate\Contracts\Cache\Repository;
use Throwable;

/** Answers kept between requests. They can all be worked out again: where they cannot be kept, as on a full disk, nothing else suffers. */
final readonly class Kept
{
    /** Longer than anyone looks at one content of a job, s. */
    public const FOR_S = 43_200;

    public function __construct(private Repository $cache) {}

    public function get(string $key): mixed
    {
        try {
            return $this->cache->get($key);
        } catch (Throwable $fault) {
            report($fault);

            return null;
        }
    }

    public function put(string $key, mixed $value): void
    {
        try {
            $this->cache->put($key, $value, self::FOR_S);
        } catch (Throwable $fault) {
            report($fault);
        }
    }

    public function clear(): void
    {
        $this->cache->clear();
    }
}
