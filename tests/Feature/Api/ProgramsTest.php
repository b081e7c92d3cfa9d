<?php

declare(strict_types=1);

namespace Tests\Feature\Api;

use App\Api\Models\ConnectedProgram;
use App\Api\Models\ProgramToken;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Test;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Feature\FeatureTestCase;

/** Programs are let in by the owner, and shut out again. */
final class ProgramsTest extends FeatureTestCase
{
    #[Test]
    public function a_token_is_shown_once_and_kept_by_its_hash_alone(): void
    {
        $answer = $this->post('/shop/programs', [
            'form' => $form = Str::uuid()->toString(),
            'name' => 'Web shop',
            'scopes' => ['orders:read', 'catalogue:read'],
        ]);
        $token = (string) session('token');
        self::assertMatchesRegularExpression('/^\d+\|\w{40,}$/', $token);
        $this->followRedirects($answer)->assertSee($token)->assertSee('Web shop');
        $this->get('/shop/programs')->assertDontSee($token)->assertSee('not yet');
        // Pressed twice, it is one program; the token is not shown again.
        $this->post('/shop/programs', ['form' => $form, 'name' => 'Web shop', 'scopes' => ['orders:read']])
            ->assertSessionHas('problem');
        self::assertSame(1, ConnectedProgram::query()->count());
        foreach (['program_tokens', 'connected_programs', 'changes', 'sent_forms'] as $table) {
            self::assertStringNotContainsString(explode('|', $token)[1], DB::table($table)->get()->toJson(), $table);
        }
        $ask = function () use ($token): int {
            Auth::forgetGuards();

            return $this->withHeaders(['Authorization' => "Bearer {$token}"])
                ->get('/api/v1/catalogue')
                ->getStatusCode();
        };
        self::assertSame(200, $ask());
        $this->get('/shop/programs')->assertDontSee('not yet');
        // Each use is not written down.
        $used = ProgramToken::query()->firstOrFail()->last_used_at;
        $this->travel(20)->seconds();
        $ask();
        self::assertEquals($used, ProgramToken::query()->firstOrFail()->last_used_at);
        $this->travel(60)->seconds();
        $ask();
        self::assertNotEquals($used, ProgramToken::query()->firstOrFail()->last_used_at);
        $program = ConnectedProgram::query()->firstOrFail();
        $this->delete("/shop/programs/{$program->id}")->assertSessionHas('done');
        self::assertSame(401, $ask());
        $this->get('/shop/programs')->assertDontSee('orders:read</td>', false)->assertSee('No program is connected.');
        $this->get('/shop/changes')->assertSee('Web shop connected')->assertSee('Web shop disconnected');
    }

    /** @param array<string, mixed> $typed */
    #[Test]
    #[TestWith([['name' => '', 'scopes' => ['orders:read']], 'name'])]
    #[TestWith([['name' => 'Web shop'], 'scopes'])]
    #[TestWith([['name' => 'Web shop', 'scopes' => []], 'scopes'])]
    #[TestWith([['name' => 'Web shop', 'scopes' => ['everything']], 'scopes.0'])]
    public function what_is_typed_wrong_is_said_at_its_field(array $typed, string $field): void
    {
        $this->post('/shop/programs', ['form' => Str::uuid()->toString(), ...$typed])->assertSessionHasErrors($field);
        self::assertSame(0, ConnectedProgram::query()->count());
    }
}
