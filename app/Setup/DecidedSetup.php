<?php

declare(strict_types=1);

namespace App\Setup;

use Hakama\Machine\NeedleType;
use Hakama\Setup\Backing\Backing;
use Hakama\Setup\Backing\Layers;
use Hakama\Setup\Fit\Fit;
use Hakama\Setup\Rules\Choice;
use Hakama\Stitch\Turn;

/** A setup as its history tells it, read back into what a person settled on. */
final readonly class DecidedSetup
{
    private function __construct(
        public string $frame,
        public Turn $turn,
        private Layers $backing,
        private bool $topper,
        private NeedleType $needle,
        private int $speedSpm,
    ) {}

    /**
     * @param array<string, mixed> $told as Setup::decided() tells it
     *
     * @return self|null null where that is not what it tells
     */
    public static function read(array $told): ?self
    {
        $text = static fn(string $key): string => is_scalar($told[$key] ?? null) ? (string) $told[$key] : '';
        preg_match('/^(\d+) × (\w+)(, adhesive)?$/', $text('backing'), $layers);
        preg_match('/^(\S+) (\w+)$/', $text('needle'), $needle);
        $backing = Backing::tryFrom($layers[2] ?? '');
        $turn = Turn::tryFrom((int) $text('turn'));

        return $backing === null || $turn === null || $needle === [] || $layers === []
            ? null
            : new self(
                $text('frame'),
                $turn,
                new Layers($backing, (int) $layers[1], isset($layers[3])),
                $text('film') === 'yes',
                new NeedleType($needle[1], $needle[2]),
                (int) $text('speed'),
            );
    }

    public function choice(Fit $fit): Choice
    {
        return new Choice($fit, $this->backing, $this->topper, $this->needle, $this->speedSpm);
    }
}
