<?php

declare(strict_types=1);

namespace App\Machine\Models;

use App\Foundation\Clock\Moment;
use Carbon\CarbonImmutable;
use Hakama\Machine\Driver;
use Hakama\Machine\FrameKind;
use Hakama\Machine\FrameSpec;
use Hakama\Machine\Window;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int    $id
 * @property string $code
 * @property string $name
 * @property FrameKind $kind
 * @property Driver $driver
 * @property float  $outer_width_mm
 * @property float  $outer_height_mm
 * @property float  $window_width_mm
 * @property float  $window_height_mm
 * @property float  $corner_mm
 * @property bool   $round
 * @property float  $offset_x_mm
 * @property float  $offset_y_mm
 * @property int    $count
 * @property float|null $low_line_mm of a ring for caps: from the bill seam up to the lowest stitch
 * @property string $holes the pair of holes in the arms that belongs to it
 * @property CarbonImmutable|null $retired_at
 * @property string $label what is picked on the machine
 */
final class Frame extends Model
{
    protected $table = 'frames';
    public $timestamps = false;
    protected $guarded = [];
    protected $casts = [
        'kind' => FrameKind::class,
        'driver' => Driver::class,
        'round' => 'boolean',
        'retired_at' => Moment::class,
    ];

    public function toCore(): FrameSpec
    {
        return new FrameSpec(
            $this->code,
            $this->kind,
            $this->driver,
            $this->outer_width_mm,
            $this->outer_height_mm,
            $this->round
                ? Window::ellipse($this->window_width_mm, $this->window_height_mm)
                : Window::rectangle($this->window_width_mm, $this->window_height_mm, $this->corner_mm),
            $this->offset_x_mm,
            $this->offset_y_mm,
            $this->count,
            $this->low_line_mm,
        );
    }

    /**
     * What is kept of a frame.
     *
     * @return array<string, mixed>
     */
    public static function columns(FrameSpec $frame, string $name): array
    {
        return [
            'code' => $frame->id,
            'name' => $name,
            'kind' => $frame->kind,
            'driver' => $frame->driver,
            'outer_width_mm' => $frame->outerWidthMm,
            'outer_height_mm' => $frame->outerHeightMm,
            'window_width_mm' => $frame->window->widthMm,
            'window_height_mm' => $frame->window->heightMm,
            'corner_mm' => $frame->window->cornerMm,
            'round' => $frame->window->round,
            'offset_x_mm' => $frame->offsetX,
            'offset_y_mm' => $frame->offsetY,
            'count' => $frame->count,
            'low_line_mm' => $frame->lowLineMm,
        ];
    }
}
