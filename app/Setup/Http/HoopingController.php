<?php

declare(strict_types=1);

namespace App\Setup\Http;

use App\Artwork\HoopingTapes;
use App\Orders\Models\Decoration;
use App\Shop\House;
use Hakama\Artwork\HoopingTape;
use Hakama\House\HouseRule;
use Hakama\Stitch\Tape\TapeReader;
use Hakama\Stitch\Track;
use Illuminate\Http\Response;

/** One of several hoopings along a tube: its tape for the machine, its track for the page. */
final readonly class HoopingController
{
    public function __construct(private HoopingTapes $tapes) {}

    public function tape(Decoration $decoration, int $number): Response
    {
        return (new Response($this->hooping($decoration, $number)->bytes))
            ->header('Content-Type', 'application/octet-stream')
            ->header('Content-Disposition', "attachment; filename=\"hooping-{$decoration->id}-{$number}.dst\"");
    }

    public function track(Decoration $decoration, int $number, House $house): Response
    {
        $track = Track::of(
            (new TapeReader())->fromString($this->hooping($decoration, $number)->bytes),
            (int) $house->rules()->value(HouseRule::TrimJumps),
        );

        return (new Response($track->bytes))
            ->header('Content-Type', 'application/octet-stream')
            ->setPrivate()
            ->setMaxAge(86_400);
    }

    private function hooping(Decoration $decoration, int $number): HoopingTape
    {
        $decoration->loadMissing(['artwork', 'setup']);

        return ($decoration->artwork === null
            ? null
            : $this->tapes->number($decoration->artwork, $decoration->setup, $number)) ?? abort(404);
    }
}
