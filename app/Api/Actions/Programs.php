<?php

declare(strict_types=1);

namespace App\Api\Actions;

use App\Api\Models\ConnectedProgram;
use App\Api\Models\Webhook;
use App\Api\Scope;
use App\Foundation\Database\Transaction;
use App\Shop\ChangeLog;
use App\Shop\Models\Change;
use Carbon\CarbonImmutable;

/** Lets programs in, and shuts them out again. */
final class Programs
{
    private const WHO = 40;

    /**
     * @param list<Scope> $scopes
     * @param string      $form the same again is the same program
     *
     * @return string|null its token, which nobody is shown again; null where it was let in before
     */
    public static function letIn(string $name, array $scopes, string $form, string $who): ?string
    {
        return Transaction::run(static function () use ($name, $scopes, $form, $who): ?string {
            if (ConnectedProgram::query()->where('form_id', $form)->exists()) {
                return null;
            }
            $program = ConnectedProgram::query()->create([
                'name' => $name,
                'form_id' => $form,
                'who' => mb_substr($who, 0, self::WHO),
                'made_at' => CarbonImmutable::now(),
            ]);
            $may = array_map(static fn(Scope $scope): string => $scope->value, $scopes);
            ChangeLog::note(
                Change::SHOP,
                'programs',
                __('api.log.let_in', ['name' => $name]),
                null,
                ['scopes' => implode(', ', $may)],
            );

            return $program->createToken($name, $may)->plainTextToken;
        });
    }

    /** Shut out twice it is shut out once. */
    public static function shutOut(ConnectedProgram $program): void
    {
        Transaction::run(static function () use ($program): void {
            $open = ConnectedProgram::query()->whereKey($program->id)->whereNull('revoked_at')->first();
            if ($open !== null) {
                $open->tokens()->delete();
                Webhook::query()->where('connected_program_id', $open->id)->delete();
                $open->update(['revoked_at' => CarbonImmutable::now()]);
                ChangeLog::note(Change::SHOP, 'programs', __('api.log.shut_out', ['name' => $open->name]));
            }
        });
    }
}
