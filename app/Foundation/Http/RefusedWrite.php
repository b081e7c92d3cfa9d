<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use RuntimeException;
use Symfony\Component\HttpFoundation\Response;
use Throwable;

/** Carries an answer out of a write that is undone. */
final class RefusedWrite extends RuntimeException
{
    public function __construct(public readonly Response $response, ?Throwable $why)
    {
        parent::__construct($why?->getMessage() ?? 'refused', 0, $why);
    }
}
