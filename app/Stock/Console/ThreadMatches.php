<?php

declare(strict_types=1);

namespace App\Stock\Console;

use App\Foundation\Console\JsonCommand;
use App\Foundation\Formats\Json;
use App\Foundation\Formats\UnfitInput;
use Hakama\Thread\Colour;
use Hakama\Thread\NotAColour;
use Hakama\Thread\ThreadMatch;
use Hakama\Thread\ThreadSpec;

final class ThreadMatches extends JsonCommand
{
    protected $signature = 'thread:match {file : JSON, or - for standard input}';
    protected $description = 'Finds the threads that look most like a colour';

    protected function answer(): array
    {
        $file = (string) $this->argument('file');
        $json = Json::of($file, $this->contents($file));
        $target = self::colour($json, 'target');
        $weight = $json->has('weight') ? $json->int('weight', 1, 200) : null;
        $shelf = [];
        foreach ($json->objects('among') as $thread) {
            $shelf[] = new ThreadSpec(
                $thread->string('code'),
                self::colour($thread, 'hex'),
                $thread->has('weight') ? $thread->int('weight', 1, 200) : 40,
            );
            $thread->done();
        }
        $json->done();

        return [
            'matches' => array_map(
                static fn(ThreadMatch $match): array => [
                    'code' => $match->thread->code,
                    'delta_e' => round($match->difference, 4),
                    'verdict' => $match->likeness->value,
                ],
                ThreadMatch::nearest($target, $shelf, $weight),
            ),
        ];
    }

    private static function colour(Json $json, string $key): Colour
    {
        try {
            return Colour::ofHex($json->string($key));
        } catch (NotAColour $e) {
            throw UnfitInput::because($json->where($key), $e);
        }
    }
}
