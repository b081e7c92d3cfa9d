<?php

declare(strict_types=1);

namespace App\Orders\Names;

use App\Foundation\Words\Words;
use App\Orders\Models\Lettering;
use Hakama\Garment\Size;
use Hakama\Lettering\LetterRules;
use Hakama\Lettering\NameList;
use Hakama\Lettering\UnfitText;

/** A list of names as it is typed, each looked at for whether it can be sewn, and paired with the pieces it is for. */
final readonly class TypedNames
{
    private const SAID_AT_ONCE = 6;

    /**
     * @param array<int, string>                              $texts    piece => text; empty as long as something is wrong
     * @param list<string>                                    $problems
     * @param list<array{string, string|null, float, float}>  $sizes    text, size, height and width in mm
     */
    private function __construct(public array $texts, public array $problems, public array $sizes) {}

    /** @param array<int, string> $pieces id => size */
    public static function read(string $typed, Lettering $lettering, array $pieces, LetterRules $rules): self
    {
        $list = NameList::read($typed, array_column(Size::cases(), 'value'));
        if (count($list->names) > NameList::MOST) {
            return new self(
                [],
                [__('orders.typed_names.names_one_list_can_hold', [
                    'names' => count($list->names),
                    'value' => NameList::MOST,
                ])],
                [],
            );
        }
        $core = $lettering->toCore($rules);
        $problems = $sizes = [];
        foreach ($list->names as $i => [$text, $size]) {
            try {
                $sizes[] = [$text, $size, ...$core->size($text)];
            } catch (UnfitText $e) {
                $problems[] = __('orders.typed_names.name', [
                    'number' => $i + 1,
                    'text' => mb_strimwidth($text, 0, 40, '…'),
                    'why' => Words::why($e),
                ]);
            }
        }
        if (count($problems) > self::SAID_AT_ONCE) {
            $more = count($problems) - self::SAID_AT_ONCE;
            $problems = [...array_slice($problems, 0, self::SAID_AT_ONCE), __('orders.typed_names.and_more', [
                'more' => $more,
            ])];
        }
        try {
            $texts = $list->paired($pieces);
        } catch (UnfitText $e) {
            return new self([], [...$problems, Words::why($e)], $sizes);
        }

        return new self($problems === [] ? $texts : [], $problems, $sizes);
    }
}
