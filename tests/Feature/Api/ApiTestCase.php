<?php

declare(strict_types=1);

namespace Tests\Feature\Api;

use App\Api\Actions\Programs;
use App\Api\Scope;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use stdClass;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Process\Process;
use Tests\Feature\FeatureTestCase;

/** A program that was let in, and what it sends. */
abstract class ApiTestCase extends FeatureTestCase
{
    protected string $token;

    protected function setUp(): void
    {
        parent::setUp();
        config(['cache.limiter' => 'array']);
        $this->token = self::program('web shop', Scope::cases());
    }

    /** @param list<Scope> $may */
    protected static function program(string $name, array $may): string
    {
        return (string) Programs::letIn($name, $may, Str::uuid()->toString(), '');
    }

    /**
     * Answers held against the description of the interface, by another program.
     *
     * @param list<array{string, mixed}> $answers schema and answer
     *
     * @return string what does not hold
     */
    protected static function faults(array $answers): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'answers');
        file_put_contents($file, json_encode($answers, JSON_THROW_ON_ERROR));
        $found = (new Process(
            ['node', 'tests/Support/holds-openapi.mjs', 'docs/openapi.json', $file],
            base_path(),
        ))->mustRun()->getOutput();
        unlink($file);

        return $found;
    }

    /** @return TestResponse<Response> */
    protected function ask(string $path, ?string $token = null): TestResponse
    {
        // Each request is a process of its own.
        Auth::forgetGuards();
        app()->forgetScopedInstances();

        return $this->withHeaders(['Authorization' => 'Bearer '.($token ?? $this->token)])->get("/api/v1/{$path}");
    }

    /**
     * @param array<string, mixed> $body
     * @param string|null          $key  null: one that was never used
     *
     * @return TestResponse<Response>
     */
    protected function send(string $path, array $body = [], ?string $key = null, ?string $token = null): TestResponse
    {
        Auth::forgetGuards();
        app()->forgetScopedInstances();

        return $this->call('POST', "/api/v1/{$path}", server: [
            'HTTP_AUTHORIZATION' => 'Bearer '.($token ?? $this->token),
            'HTTP_IDEMPOTENCY_KEY' => $key ?? Str::uuid()->toString(),
            'CONTENT_TYPE' => 'application/json',
        ], content: json_encode($body === [] ? new stdClass() : $body, JSON_THROW_ON_ERROR));
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return array<string, mixed>
     */
    protected static function order(array $with = []): array
    {
        return [
            'customer' => 'Harbour Choir',
            'due_at' => CarbonImmutable::now()->addDays(9)->setTime(15, 30)->toIso8601String(),
            'note' => 'from the web shop',
            'lines' => [[
                'garment' => 'polo',
                'fabric' => 'pique',
                'colour_name' => 'navy',
                'sizes' => ['M' => 3, 'L' => 2],
                'decorations' => [['position' => 'left_chest'], ['position' => 'sleeve']],
            ]],
            ...$with,
        ];
    }
}
