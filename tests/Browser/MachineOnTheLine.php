<?php

declare(strict_types=1);

namespace Tests\Browser;

use Hakama\House\HouseRules;
use Hakama\Machine\SpeedCurve;
use Hakama\Machine\Timeline;
use Hakama\Stitch\Tape\TapeReader;
use Simulator\Happening;
use Simulator\Line;
use Simulator\SimulatedMachine;

/** The simulated machine, sewing on command: the test says when its thread breaks. */
final class MachineOnTheLine
{
    private readonly Line $line;
    private readonly SimulatedMachine $machine;
    private string $load = '';

    public function __construct(string $code)
    {
        $this->line = new Line(
            (string) getenv('TEST_URL'),
            hash_hmac('sha256', "machine {$code}", (string) getenv('MACHINE_SECRET')),
        );
        $this->machine = new SimulatedMachine(0.0);
    }

    public function takeUp(): string
    {
        $todo = $this->line->instruction() ?? [];
        if (($todo['command'] ?? '') === 'sew') {
            $this->load = (string) $todo['load'];
            $this->machine->load(
                Timeline::of(
                    (new TapeReader())->fromString((string) $this->line->tape()),
                    (float) $todo['speed_spm'],
                    SpeedCurve::usual((float) $todo['top_spm']),
                    HouseRules::of()->runTime(),
                    (int) $todo['trim_jumps'],
                ),
                (int) $todo['heads'],
                1,
                (int) $todo['stitch'],
                (float) $todo['clock_s'],
                (array) $todo['halts'],
            );
        }

        return (string) ($todo['command'] ?? 'none');
    }

    public function command(): string
    {
        return (string) ($this->line->instruction()['command'] ?? 'none');
    }

    public function sew(float $seconds): int
    {
        $this->report(
            match ($this->machine->sew($seconds)) {
                Happening::Sewn => 'sewn',
                Happening::HandStop => 'hand_stop',
                default => 'position',
            },
        );

        return $this->machine->stitch();
    }

    public function breakThread(): void
    {
        $this->report('thread_broke');
    }

    private function report(string $kind): void
    {
        $this->line->report([
            'load' => $this->load,
            'kind' => $kind,
            'stitch' => $this->machine->stitch(),
            'clock_s' => $this->machine->clockS(),
        ]);
    }
}
