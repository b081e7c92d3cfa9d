<?php

declare(strict_types=1);

namespace App\Artwork\Http\Requests;

use App\Artwork\Models\Artwork;
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
            'columns.*' => 'Copies along are 1 to '.Grid::MOST.'.',
            'rows.*' => 'Copies up are 1 to '.Grid::MOST.'.',
            'gap.*' => 'The gap is 0 to 100 mm.',
            'frame.*' => 'Choose one of the shop’s frames.',
            'stops.*' => 'Write stitch numbers with commas between, such as 82, 164.',
            'turn.*' => 'Turn by 0, 90, 180 or 270 degrees.',
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
            throw ValidationException::withMessages(['columns' => ucfirst($e->getMessage()).'.']);
        }
        if ($grid->copies() * $artwork->stitches > self::MOST_STITCHES) {
            throw ValidationException::withMessages([
                'columns' => sprintf(
                    '%d copies are %s stitches; a machine takes them in parts of at most %s.',
                    $grid->copies(),
                    Figure::words($grid->copies() * $artwork->stitches),
                    Figure::words(self::MOST_STITCHES),
                ),
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
