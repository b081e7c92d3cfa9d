<?php

declare(strict_types=1);

namespace App\Money\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\UnfitInput;
use App\Foundation\Words\Words;
use Hakama\Money\Bill\BillFinding;
use Hakama\Money\Bill\NoBill;
use Hakama\Money\Bill\UblCheck;

final class InvoiceCheck extends JsonCommand
{
    protected $signature = 'invoice:check {file : an electronic invoice (UBL 2.1), or - for standard input}';
    protected $description = 'Holds an electronic invoice against the rules of EN 16931';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        try {
            $findings = UblCheck::of($this->contents($file));
        } catch (NoBill) {
            throw UnfitInput::at($file, __('einvoice.finding.no_bill'));
        }

        return [
            'valid' => $findings === [],
            'findings' => array_map(
                static fn(BillFinding $one): array => ['rule' => $one->rule, 'text' => Words::say($one->text)],
                $findings,
            ),
        ];
    }
}
