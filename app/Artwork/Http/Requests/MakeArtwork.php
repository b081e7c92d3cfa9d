<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use App\Artwork\Models\Artwork;
use App\Foundation\Words\Words;
use App\Machine\Models\Frame;
use App\Shop\Figure;
use App\Shop\House;
use Hakama\Artwork\Making;
use Hakama\House\HouseRule;
use Hakama\Stitch\Copies\DoesNotFit;
use Hakama\Stitch\Copies\Grid;
use Hakama\Stitch\Turn;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;

/** What is to be made of an artwork, as it is typed. */
final class MakeArtwork extends FormRequest
{
    /** More than this is no longer worked out while a page waits. */
    private const MOST_STITCHES = 1_000_000;

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'turn' => ['nullable', Rule::enum(Turn::class)],
            'mirrored' => ['nullable', 'boolean'],
            'sure' => ['nullable', 'boolean'],
            'columns' => ['nullable', 'integer', 'min:1', 'max:'.Grid::MOST],
            'rows' => ['nullable', 'integer', 'min:1', 'max:'.Grid::MOST],
            'gap' => ['nullable', 'numeric', 'min:0', 'max:100'],
            'frame' => ['nullable', Rule::exists('frames', 'code')],
            'regroup' => ['nullable', 'boolean'],
            'stops' => ['nullable', 'string', 'max:200', 'regex:/^[\d\s,;]*$/'],
            'name' => ['nullable', 'string', 'max:120'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'columns.*' => __('artwork.make_artwork.copies_across_1_to', ['value' => Grid::MOST]),
            'rows.*' => __('artwork.make_artwork.copies_up_1_to', ['value' => Grid::MOST]),
            'gap.*' => __('artwork.make_artwork.gap_0_to_100_mm'),
            'frame.*' => __('artwork.make_artwork.choose_one_of_your_frames'),
            'stops.*' => __('artwork.make_artwork.enter_stitch_numbers_with_commas_for'),
            'turn.*' => __('artwork.make_artwork.rotate_by_0_90_180_or'),
        ];
    }

    /** @throws ValidationException */
    public function making(Artwork $artwork, House $house): Making
    {
        $frame = $this->filled('frame')
            ? Frame::query()
                ->where('code', $this->string('frame')->value())
                ->firstOrFail()
            : null;
        $margin = $house->rules()->value(HouseRule::Margin);
        $field =
            $frame === null
                ? null
                : [max(0.0, $frame->window_width_mm - 2 * $margin), max(0.0, $frame->window_height_mm - 2 * $margin)];
        $gap = $this->filled('gap') ? $this->float('gap') : $house->rules()->value(HouseRule::CopiesGap);
        $turn = Turn::tryFrom($this->integer('turn')) ?? Turn::None;
        try {
            if ($this->boolean('most') && $field !== null) {
                $across = $turn === Turn::Quarter || $turn === Turn::ThreeQuarters;
                [$width, $height] = [$artwork->bounds()->width(), $artwork->bounds()->height()];
                $grid = Grid::mostIn(
                    $field[0],
                    $field[1],
                    $across ? $height : $width,
                    $across ? $width : $height,
                    $gap,
                );
            } else {
                $grid = Grid::of(max(1, $this->integer('columns', 1)), max(1, $this->integer('rows', 1)), $gap);
            }
        } catch (DoesNotFit $e) {
            throw ValidationException::withMessages(['columns' => Words::why($e)]);
        }
        if ($grid->copies() * $artwork->stitches > self::MOST_STITCHES) {
            throw ValidationException::withMessages([
                'columns' => __('artwork.make_artwork.copies_are_stitches_a_machine_takes', [
                    'copies' => $grid->copies(),
                    'copies_2' => Figure::words($grid->copies() * $artwork->stitches),
                    'value' => Figure::words(self::MOST_STITCHES),
                ]),
            ]);
        }

        return new Making(
            $turn,
            $this->boolean('mirrored'),
            $grid,
            $field,
            $this->boolean('regroup'),
            array_values(
                array_map(
                    intval(...),
                    preg_split('/[\s,;]+/', $this->string('stops')->trim()->value(), -1, PREG_SPLIT_NO_EMPTY) ?: [],
                ),
            ),
        );
    }

    /** Mirrored lettering is the classic spoiled batch: unless there is none, it is asked for twice. */
    public function mustAskTwice(Artwork $artwork): bool
    {
        return $this->boolean('mirrored') && $artwork->lettering !== false && ! $this->boolean('sure');
    }
}
