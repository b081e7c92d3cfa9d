<?php

declare(strict_types=1);

use Bench\Figures;
use Bench\Player;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/Figures.php';
require __DIR__.'/Player.php';
require __DIR__.'/PlanWorkload.php';

$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Illuminate\Contracts\Console\Kernel::class)->bootstrap();

$figures = new Figures($argv[1]);
$figures->machine();
$figures->tapes();
$figures->advice();
$figures->hands();
$figures->plans();
$figures->pages('Pages with the demo data');
(new Player($argv[1], $argv[2]))->measure();
