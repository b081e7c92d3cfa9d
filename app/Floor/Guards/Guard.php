<?php

declare(strict_types=1);

namespace App\Floor\Guards;

/** Something that has to be so before a touch is recorded. */
interface Guard
{
    /** @throws TouchRefused */
    public function check(Touch $touch): void;
}
