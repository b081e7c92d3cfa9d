<?php

declare(strict_types=1);

namespace Hakama\Stitch\Tape;

use Hakama\Stitch\Bounds;

/**
 * The 512 bytes before the records. They are a hint by whoever wrote the tape: nothing is taken from
 * them but the name, and what they claim is compared with what was counted.
 */
final readonly class Header
{
    public const LENGTH = 512;

    private const NAME_LENGTH = 16;

    private function __construct(
        public string $name,
        public bool $blank,
        public bool $lowerCase,
        public ?int $records,
        public ?int $changes,
        public ?int $right,
        public ?int $left,
        public ?int $top,
        public ?int $bottom,
    ) {}

    /** @param string $bytes the first 512 bytes of the tape */
    public static function read(string $bytes): self
    {
        $number = (static fn(string $label): ?int => preg_match('/'.preg_quote($label, '/').':\s*([+-]?\d+)/i', $bytes, $found) === 1
            ? (int) $found[1]
            : null);
        $name = preg_match('/LA:([^\r\x1a]{0,16})/i', $bytes, $found) === 1 ? trim($found[1], " \0") : '';

        return new self(
            name: mb_check_encoding($name, 'UTF-8') ? $name : mb_convert_encoding($name, 'UTF-8', 'ISO-8859-1'),
            blank: preg_match('/\b(LA|ST|CO):/i', $bytes) !== 1,
            lowerCase: preg_match('/(?:^|\r)(la|st|co):/', $bytes) === 1,
            records: $number('ST'),
            changes: $number('CO'),
            right: $number('+X'),
            left: $number('-X'),
            top: $number('+Y'),
            bottom: $number('-Y'),
        );
    }

    /** The box it claims, from where the tape starts, mm; null where it claims none. */
    public function bounds(): ?Bounds
    {
        return $this->left === null || $this->right === null || $this->bottom === null || $this->top === null
            ? null
            : new Bounds(-$this->left / 10, $this->right / 10, -$this->bottom / 10, $this->top / 10);
    }

    /**
     * A truthful header.
     *
     * @param int $records all records but the end
     * @param int $right   furthest reach from the start to the right, 0.1 mm, and so on
     * @param int $endX    where the last record ends, 0.1 mm
     */
    public static function write(
        string $name,
        int $records,
        int $changes,
        int $right,
        int $left,
        int $top,
        int $bottom,
        int $endX,
        int $endY,
    ): string {
        $ascii = preg_replace('/[^\x20-\x7e]/', '?', $name) ?? '';
        $fields = [
            'LA:'.str_pad(substr($ascii, 0, self::NAME_LENGTH), self::NAME_LENGTH),
            sprintf('ST:%7d', $records),
            sprintf('CO:%3d', $changes),
            sprintf('+X:%5d', $right),
            sprintf('-X:%5d', $left),
            sprintf('+Y:%5d', $top),
            sprintf('-Y:%5d', $bottom),
            sprintf('AX:%s%5d', $endX < 0 ? '-' : '+', abs($endX)),
            sprintf('AY:%s%5d', $endY < 0 ? '-' : '+', abs($endY)),
            'MX:+    0',
            'MY:+    0',
            'PD:******',
        ];

        return str_pad(implode("\r", $fields)."\r\x1a", self::LENGTH);
    }
}
