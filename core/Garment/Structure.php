<?php

declare(strict_types=1);

namespace Hakama\Garment;

use Hakama\Words\Text;

/**
 * Whether the front of a cap is held up by a stiff woven liner. A soft liner lies between: it is framed as a structured
 * cap is, and backed as a soft one.
 */
enum Structure: string
{
    case Structured = 'structured';
    case SoftLiner = 'soft_liner';
    case Unstructured = 'unstructured';
    case None = 'none';

    public function label(): Text
    {
        return new Text("garment.structure.{$this->value}");
    }

    /** It cannot be forced flat without being damaged. */
    public function needsCapFrame(): bool
    {
        return $this === self::Structured || $this === self::SoftLiner;
    }

    /** Its front does not carry stitches by itself. */
    public function isSoft(): bool
    {
        return $this === self::SoftLiner || $this === self::Unstructured;
    }
}
