<?php

declare(strict_types=1);

namespace App\Api\Http;

use App\Api\Http\Requests\ListPart;
use App\Api\Http\Requests\SendArtwork;
use App\Api\Shapes\ArtworkShape;
use App\Api\Shapes\Listing;
use App\Api\Shapes\Stored;
use App\Artwork\Actions\Intake;
use App\Artwork\Models\Artwork;

/** Artworks. */
final class ArtworksController
{
    /**
     * Artworks in the order in which they came.
     *
     * @return Listing<ArtworkShape>
     */
    public function index(ListPart $request): Listing
    {
        $found = Artwork::query()
            ->where('id', '>', $request->behind())
            ->whereNull('refused')
            ->orderBy('id')
            ->limit($request->limit() + 1)
            ->get(['id', 'name', 'read_at', 'stitches', 'changes', 'left_mm', 'right_mm', 'bottom_mm', 'top_mm', 'checksum']);
        $part = $found->take($request->limit());

        return new Listing(
            array_values($part->map(ArtworkShape::of(...))->all()),
            $found->count() > $part->count() ? $part->last()?->id : null,
        );
    }

    /** One artwork. */
    public function show(Artwork $artwork): ArtworkShape
    {
        return ArtworkShape::of($artwork);
    }

    /**
     * A new artwork: a stitch tape, or a drawing that becomes one. A file that is here already is the artwork it is.
     *
     * @return Stored<ArtworkShape>
     */
    public function store(SendArtwork $request, Intake $intake): Stored
    {
        $artwork = Intake::known($request->tape())
            ?? $intake->take($request->tape(), trim($request->string('name')->value()));

        return new Stored(ArtworkShape::of($artwork), route('api.artworks.show', $artwork));
    }
}
