<?php

declare(strict_types=1);

namespace App\Shop\Http;

use App\Shop\Backup\Health;
use Illuminate\Http\JsonResponse;

/** Whether all of the shop is up, and what is not. */
final class UpController
{
    public function __invoke(): JsonResponse
    {
        $reasons = Health::reasons();

        return new JsonResponse(['up' => $reasons === [], 'reasons' => $reasons], $reasons === [] ? 200 : 503);
    }
}
