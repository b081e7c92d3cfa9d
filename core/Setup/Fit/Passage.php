<?php

declare(strict_types=1);

namespace Hakama\Setup\Fit;

use Hakama\Garment\Girth;
use Hakama\House\Units;
use Hakama\Words\Text;

/**
 * Whether what goes in goes into a tube: with bars of height t, a frame of width w wants 2 · (w + t) of the way round, and
 * cloth that stretches gives so much more.
 */
final readonly class Passage
{
    private const HAIR = 1e-6;

    private function __construct(public Girth $girth, public float $givenMm, public float $wantedMm) {}

    /**
     * @param float $widthMm of what goes in, across the tube
     * @param float $barMm   how thick it is
     * @param float $stretch share by which the cloth gives
     */
    public static function of(Girth $girth, float $widthMm, float $barMm, float $stretch): self
    {
        return new self($girth, $girth->mm * (1 + $stretch), 2 * ($widthMm + $barMm));
    }

    public function goesIn(): bool
    {
        return $this->wantedMm <= $this->givenMm + self::HAIR;
    }

    /** Whether a girth off by so much would turn it. */
    public function hangsOn(float $share): bool
    {
        return ($this->wantedMm <= $this->givenMm * (1 + $share)) !== ($this->wantedMm <= $this->givenMm * (1 - $share));
    }

    public function words(Units $units): Text
    {
        return new Text('setup.fit.passage', [
            'needed' => $units->said($this->wantedMm),
            'given' => $units->said($this->givenMm),
        ]);
    }
}
