<?php

declare(strict_types=1);

namespace App\Foundation\Http;

use App\Foundation\Formats\Csv;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** The one door by which lists, sheets and papers leave. */
final class Download
{
    private const CSV = 'text/csv; charset=utf-8';
    private const XLSX = 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet';
    private const TAPE = 'application/octet-stream';
    private const PDF = 'application/pdf';

    /** A list that is at hand. */
    public static function csv(string $list, string $name): Response
    {
        return self::bytes($list, self::CSV, 'attachment', "{$name}.csv");
    }

    /**
     * A list that may be long: a row at a time, whatever its length.
     *
     * @param list<string>                   $columns
     * @param callable(): iterable<list<string>> $rows asked for once it is sent
     */
    public static function rows(array $columns, callable $rows, string $name): StreamedResponse
    {
        return response()->streamDownload(
            static function () use ($columns, $rows): void {
                $out = fopen('php://output', 'wb');
                assert($out !== false);
                Csv::begin($out, $columns);
                foreach ($rows() as $row) {
                    Csv::put($out, $row);
                }
                fclose($out);
            },
            "{$name}.csv",
            ['Content-Type' => self::CSV],
        );
    }

    public static function xlsx(string $sheet, string $name): Response
    {
        return self::bytes($sheet, self::XLSX, 'attachment', "{$name}.xlsx");
    }

    /** A paper, to be looked at before it is printed. */
    public static function pdf(string $paper, string $name): Response
    {
        return self::bytes($paper, self::PDF, 'inline', "{$name}.pdf");
    }

    public static function tape(string $tape, string $file): Response
    {
        return self::bytes($tape, self::TAPE, 'attachment', $file);
    }

    private static function bytes(string $bytes, string $type, string $how, string $file): Response
    {
        return (new Response($bytes))
            ->header('Content-Type', $type)
            ->header('Content-Disposition', "{$how}; filename=\"{$file}\"");
    }
}
