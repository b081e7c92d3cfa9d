<?php

declare(strict_types=1);

/* One picture of each main view; bin/screenshots starts the server and the browser for it. */

use Facebook\WebDriver\WebDriverDimension;
use Tests\Browser\Headless;
use Tests\Browser\MachineOnTheLine;

require __DIR__.'/../vendor/autoload.php';

// The quarter before this week has its orders too; what is shown is this week's, whose numbers come after them.
$database = new PDO(
    sprintf('mysql:host=127.0.0.1;port=%s;dbname=%s', getenv('DB_PORT'), getenv('DB_DATABASE')),
    'hakama',
    (string) getenv('DB_PASSWORD'),
);
$past = (int) $database->query('select count(*) from hand_overs')->fetchColumn();
$of = static fn(int $number): int => $number + $past;
$views = [
    'orders' => '/orders',
    'order-new' => '/orders/new',
    'artwork-one' => '/artwork/1',
    'order-names' => "/orders/names/{$of(29)}",
    'order-money' => "/orders/{$of(1001)}/money",
    'setup-one' => "/setup/{$of(7)}",
    'setup-cap' => "/setup/{$of(11)}",
    'setup-backing' => '/setup/backing',
    'needles' => '/needles/M1',
    'plan' => '/plan',
    'plan-why' => "/plan/batches/B-{$of(108)}",
    'floor' => '/floor/M1',
    'floor-preflight' => '/floor/M2',
    'floor-board' => '/floor/board',
    'floor-bench' => '/floor/bench',
    'books' => '/books?by=week',
    'books-charts' => '/books/charts',
    'shop' => '/shop',
];

$headless = Headless::open((string) getenv('DRIVER_URL'));
$browser = $headless->driver;

// The floor is most itself with a machine half way through a load.
$machine = new MachineOnTheLine('M1');
$machine->takeUp();
$machine->sew(400);

$only = array_slice($argv, 1);
if ($only === [] || in_array('plan-proposal', $only, true)) {
    // A proposal is there once it was asked for.
    $browser->get(getenv('TEST_URL').'/plan');
    $browser->executeScript('document.querySelector("[data-key=f]").click()');
    sleep(4);
    $views['plan-proposal'] = (string) parse_url($browser->getCurrentURL(), PHP_URL_PATH);
}
foreach ($views as $name => $path) {
    if ($only !== [] && ! in_array($name, $only, true)) {
        continue;
    }
    // A window has a frame of its own, so the size is set by what is left for the page.
    $browser->manage()->window()->setSize(new WebDriverDimension(1280, 800));
    [$width, $height] = $browser->executeScript(
        'return [window.outerWidth - window.innerWidth, window.outerHeight - window.innerHeight]',
    );
    $browser->manage()->window()->setSize(new WebDriverDimension(1280 + $width, 800 + $height));
    $browser->get(getenv('TEST_URL').$path);
    $browser->executeScript('if (document.activeElement) document.activeElement.blur()');
    usleep(700_000);
    $browser->takeScreenshot(dirname(__DIR__)."/docs/screenshots/{$name}.png");
    echo "{$name}\n";
}
$headless->close();
