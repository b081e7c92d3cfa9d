<?php

declare(strict_types=1);

namespace App\Floor\Guards;

use App\Shop\Catalogue\Catalogue;
use Hakama\Floor\EventKind;

/** Every line of the list is confirmed by hand, by somebody of the shop, before the machine may sew. */
final readonly class ListConfirmed implements Guard
{
    public function __construct(private Catalogue $catalogue) {}

    public function check(Touch $touch): void
    {
        if ($touch->kind !== EventKind::PreflightDone) {
            return;
        }
        if (array_diff($touch->running->work->wanted(), $touch->checked) !== []) {
            throw TouchRefused::at('checked', __('floor.list_confirmed.confirm_every_line_of_the_list'));
        }
        if (! in_array($touch->who, $this->catalogue->people(), true)) {
            throw TouchRefused::at('who', __('floor.list_confirmed.choose_who_confirms_it'));
        }
    }
}
