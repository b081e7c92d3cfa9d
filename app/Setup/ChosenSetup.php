<?php

declare(strict_types=1);

namespace App\Setup;

use App\Machine\Models\Frame;
use Hakama\Setup\Advice;
use Hakama\Setup\Backing\BackingPiece;
use Hakama\Setup\Departure;
use Hakama\Setup\Rules\Choice;

/** What is chosen, or looked at, for a decoration. */
final readonly class ChosenSetup
{
    /**
     * @param Advice                $shown      what is to be minded and done for it
     * @param Choice|null           $choice     null where there is no frame for the driver
     * @param list<Departure>       $departures of the choice from the advice
     * @param array<string, string> $whys       the reasons kept with it: about => why
     * @param BackingPiece|null     $cut        that lies under the frame
     */
    public function __construct(
        public Advice $shown,
        public ?Choice $choice,
        public ?Frame $frame,
        public array $departures,
        public array $whys,
        public ?BackingPiece $cut,
    ) {}
}
