<?php

declare(strict_types=1);

namespace Hakama\Floor\Care;

use Hakama\Words\Text;

/** What a machine wants of people beside the sewing. The value is its name in files and addresses. */
enum CareTask: string
{
    case Needle = 'needle';
    case Oil = 'oil';
    case Tension = 'tension';
    case FootHeight = 'foot_height';

    public function label(): Text
    {
        return new Text("needles.care.{$this->value}");
    }

    /** What is done, in the words of the list that is shown before a batch. */
    public function wanted(?int $needle): Text
    {
        return new Text("needles.care_to_do.{$this->value}", $needle === null ? [] : ['needle' => $needle]);
    }
}
