<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Http\Request;
use LampThread\Exchange\Json;
use LampThread\Exchange\Schema;
use LampThread\Message\InvalidInput;
use LampThread\Message\Message;

/** Reads the JSON a request brings, checked against its schema. */
final readonly class Body
{
    /** What a request asks is far shorter than a job file. */
    private const MOST_BYTES = 500_000;

    public function __construct(private Schema $schema) {}

    /**
     * @param  string  $name  of the schema
     *
     * @throws InvalidInput with everything that is wrong and where
     */
    public function of(Request $request, string $name): \stdClass
    {
        $data = Json::read($request->getContent() ?: '{}', self::MOST_BYTES);
        $this->schema->check($name, $data);

        return $data instanceof \stdClass ? $data : throw InvalidInput::at('', Message::of('input.schema.does-not-fit'));
    }

    /**
     * A map of a body, its values as PHP has them once they are decoded.
     *
     * @return array<string, mixed>
     */
    public static function map(mixed $data): array
    {
        return json_decode((string) json_encode($data ?? new \stdClass, JSON_PRESERVE_ZERO_FRACTION), true);
    }
}
