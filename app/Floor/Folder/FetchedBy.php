<?php

declare(strict_types=1);

namespace App\Floor\Folder;

/** How a tape comes to a machine. */
enum FetchedBy: string
{
    /** By the machine itself. */
    case Network = 'network';
    /** By somebody who carries it there. */
    case Stick = 'stick';

    public function label(): string
    {
        return __("floor.folder.by_{$this->value}");
    }
}
