<?php

declare(strict_types=1);

namespace App\Api\Shapes;

use stdClass;

/** Why something was refused, as RFC 9457 has it. */
final readonly class ProblemShape extends ApiShape
{
    /**
     * @param string                               $title  what the status is called
     * @param string                               $detail what was wrong, in words
     * @param array<string, list<string>>|stdClass $errors what was wrong at which field; only where fields were
     */
    public function __construct(
        public string $type,
        public string $title,
        public int $status,
        public string $detail,
        public array|stdClass $errors,
    ) {}
}
