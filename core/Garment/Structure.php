<?php

declare(strict_types=1);

namespace Hakama\Garment;

/** Whether the front of a cap is held up by a stiff woven liner. */
enum Structure: string
{
    case Structured = 'structured';
    case Unstructured = 'unstructured';
    case None = 'none';
}
