<?php

declare(strict_types=1);

/* The pages, a file a module; the order is that in which they are matched. Each route says who may. */

foreach (['shop', 'people', 'machine', 'stock', 'money', 'orders', 'artwork', 'setup', 'needles', 'plan', 'floor', 'books', 'api'] as $module) {
    require __DIR__."/web/{$module}.php";
}
