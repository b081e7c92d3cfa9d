<?php

declare(strict_types=1);

namespace Hakama\Machine;

use Hakama\Words\Text;

/** Size and point of a needle. */
final readonly class NeedleType
{
    /** What the shop keeps; thinner for fine thread, thicker for canvas and many layers. */
    public const SIZES = ['65/9', '75/11', '80/12', '90/14'];
    public const POINTS = ['sharp', 'ballpoint'];
    public const KEPT = ['size' => self::SIZES, 'point' => self::POINTS];

    /** Thread of this weight and lighter is fine. */
    private const FINE_WEIGHT = 60;
    private const FINE = '65/9';
    private const USUAL = '75/11';

    public function __construct(public string $size, public string $point) {}

    /** What a thread wants of its needle, whatever the cloth. */
    public static function forThread(int $weight): self
    {
        return new self(self::isFine($weight) ? self::FINE : self::USUAL, 'sharp');
    }

    /** Fine thread closes up in a needle for the usual one, and the usual one frays in a fine needle. */
    public static function isFine(int $weight): bool
    {
        return $weight >= self::FINE_WEIGHT;
    }

    public function isThin(): bool
    {
        return $this->size === self::FINE;
    }

    /** The same, as `code()` writes it. */
    public static function read(string $words): self
    {
        [$size, $point] = [...explode(' ', $words, 2), ''];

        return new self($size, $point);
    }

    /** With this needle on for the cloth, what the needle of one thread has to be: fine thread keeps its own. */
    public function withThread(int $weight): self
    {
        return self::isFine($weight) === ($this->size === self::FINE) ? $this : self::forThread($weight);
    }

    /**
     * The size by which threads are told apart on the rack: a needle for fine thread takes no other; all others are
     * exchanged for one another as the cloth wants.
     */
    public function rackSize(): string
    {
        return $this->size === self::FINE ? self::FINE : self::USUAL;
    }

    public function equals(self $other): bool
    {
        return [$this->size, $this->point] === [$other->size, $other->point];
    }

    /** As it is written in files: "75/11 sharp"; read() reads it. */
    public function code(): string
    {
        return trim("{$this->size} {$this->point}");
    }

    public function label(): Text
    {
        return new Text('needles.type.'.($this->point === '' ? 'plain' : $this->point), ['size' => $this->size]);
    }
}
